import type { Heard } from "@amp-saver/core/study/by-ear";
import type { Timing } from "@amp-saver/records";
import { useState } from "react";
import { Button } from "../../ui/button.tsx";
import { EAR } from "../../words/ear.ts";
import { heardOf, heardSentence, runsSentence } from "./ear.view.ts";

interface HeardListProps {
  readonly heard: Heard;
  /** Whether nothing more is to be heard. */
  readonly over: boolean;
  readonly onKeep: (heard: NonNullable<Timing["heard"]>) => void;
}

/** Starts that were heard, each to be kept as a reading of its own kind. */
export function HeardList({ heard, over, onKeep }: HeardListProps) {
  const [kept, setKept] = useState<ReadonlySet<number>>(new Set());
  const runs = runsSentence(heard);
  return (
    <div role="status" className="py-1">
      {heard.starts.length === 0 && over && <p className="font-semibold">{EAR.none}</p>}
      <ul className="font-semibold">
        {heard.starts.map((start, k) => {
          const told = heardOf(start, heard.lineHz);
          return (
            <li key={start.onsetS} className="py-0.5">
              <span className="block">{heardSentence(start)}</span>
              {told !== null && !kept.has(k) && (
                <Button
                  onClick={() => {
                    onKeep(told);
                    setKept(new Set([...kept, k]));
                  }}
                >
                  {EAR.keep(start.onsetS)}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
      {runs !== null && <p>{runs}</p>}
      {heard.lineHz !== null && heard.starts.length > 0 && <p>{EAR.line(heard.lineHz)}</p>}
    </div>
  );
}
