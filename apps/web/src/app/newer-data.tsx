import { Button } from "../ui/button.tsx";
import { COMMON } from "../words/common.ts";
import { takeUpdate } from "./update.ts";

/** Stands in place of the app where a newer one has kept the records. */
export function NewerData() {
  return (
    <main className="p-6">
      <p role="alert" className="max-w-[640px] text-large font-semibold">
        {COMMON.newerData}
      </p>
      <Button look="primary" className="mt-4" onClick={() => void takeUpdate()}>
        {COMMON.getNewer}
      </Button>
    </main>
  );
}
