import { Suspense } from "react";
import { Answer } from "../ui/answer.tsx";
import { COMMON } from "../words/common.ts";
import { Page } from "./page.tsx";
import { PlacesStrip } from "./places-strip.tsx";

/** A place beside the jobs, in the frame that every screen has. */
export function Place({ word, children }: { readonly word: string; readonly children: React.ReactNode }) {
  return (
    <Page title={word} cells={[{ label: COMMON.rig, value: COMMON.allRigs }]} line={word} foot={<PlacesStrip />}>
      <Suspense fallback={<p className="p-6">{COMMON.loading}</p>}>{children}</Suspense>
    </Page>
  );
}

/** What is shown where nothing is. */
export function NotFound() {
  return (
    <Place word={COMMON.notFound}>
      <div className="max-w-[760px] px-4 py-5 min-[62.5rem]:px-6">
        <Answer question={COMMON.notFoundQuestion} parts={[{ text: COMMON.notFound }]} />
      </div>
    </Place>
  );
}
