import { COMMON } from "../words/common.ts";
import { Button } from "./button.tsx";
import { LIMIT_MS, TOO_LONG } from "./too-long.ts";

/** Says that something could not be worked out, lets it be tried again, and has the text to pass on. */
export function Failed({ text, onAgain }: { readonly text: string; readonly onAgain: () => void }) {
  return (
    <div role="alert" className="my-3 border-[1.8px] border-lead px-3 py-2">
      <p className="font-semibold text-lead">{text === TOO_LONG ? COMMON.tookTooLong(LIMIT_MS / 1000) : COMMON.failed}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={onAgain}>{COMMON.tryAgain}</Button>
        <Button look="quiet" onClick={() => void navigator.clipboard?.writeText(text)}>
          {COMMON.copy}
        </Button>
      </div>
      <details className="mt-2 text-small">
        <summary className="min-h-[34px] cursor-pointer underline underline-offset-4 pointer-coarse:min-h-[48px]">
          {COMMON.failedText}
        </summary>
        <pre className="whitespace-pre-wrap">{text}</pre>
      </details>
    </div>
  );
}
