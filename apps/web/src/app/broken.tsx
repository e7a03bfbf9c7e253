import { Link } from "react-router";
import { COMMON } from "../words/common.ts";

/** A view that failed: says so and leads on; what is kept is kept. */
export function Broken() {
  return (
    <main className="p-6">
      <h1 className="answer">{COMMON.broke}</h1>
      <p className="mt-4 flex gap-6">
        <button type="button" className="underline underline-offset-4" onClick={() => location.reload()}>
          {COMMON.reload}
        </button>
        <Link to="/" reloadDocument className="underline underline-offset-4">
          {COMMON.home}
        </Link>
      </p>
    </main>
  );
}
