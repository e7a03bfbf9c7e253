import { CHECK } from "../../words/check.ts";
import type { Trials } from "../../workers/use-trials.ts";

interface HeldProps {
  readonly confidence: Trials["confidence"];
  readonly running: boolean;
  readonly most: number;
  readonly onStop: () => void;
}

/** In how many trial runs it held; counts while they go on, and can be stopped. */
export function Held({ confidence, running, most, onStop }: HeldProps) {
  if (confidence === null) return running ? <span>{CHECK.trying}</span> : null;
  const { holds, trials } = confidence;
  return (
    <span>
      {CHECK.held(holds, trials, running ? most : null)}
      {running && (
        <button type="button" onClick={onStop} className="ml-1.5 underline underline-offset-3 pointer-coarse:min-h-[44px]">
          {CHECK.stop}
        </button>
      )}
    </span>
  );
}
