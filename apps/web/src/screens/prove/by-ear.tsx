import type { Heard, HeardStart } from "@amp-saver/core/study/by-ear";
import { useRef, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { Fold } from "../../ui/fold.tsx";
import { EAR } from "../../words/ear.ts";
import { EAR_MOST, type EarRefusal, hearFile } from "../../workers/hear-file.ts";

const BYTES_A_MEGA = 1_000_000;

const refusalOf = (why: EarRefusal): string => {
  if (why === "too-large") return EAR.refused[why](EAR_MOST.bytes / BYTES_A_MEGA);
  return why === "too-long" ? EAR.refused[why](EAR_MOST.seconds) : EAR.refused[why];
};

const sentenceOf = ({ onsetS, toSpeedS, toleranceS, outcome }: HeardStart): string =>
  outcome === "ran" ? EAR.outcomes.ran(onsetS, toSpeedS ?? 0, toleranceS) : EAR.outcomes[outcome](onsetS);

/** Time to speed told by the sound of a start; kept nowhere, and never taken for amps. */
export function ByEar() {
  const input = useRef<HTMLInputElement>(null);
  const [heard, setHeard] = useState<Heard | "busy" | EarRefusal | null>(null);
  return (
    <Fold label={EAR.title} ruled>
      <p className="py-1">{EAR.help}</p>
      <Button disabled={heard === "busy"} onClick={() => input.current?.click()}>
        {EAR.pick}
      </Button>
      <input
        ref={input}
        type="file"
        accept="audio/*"
        className="sr-only"
        tabIndex={-1}
        aria-label={EAR.pickLabel}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file === undefined) return;
          setHeard("busy");
          void hearFile(file).then((answer) => setHeard(answer.ok ? answer.value : answer.reason));
        }}
      />
      {heard === "busy" && <p role="status">{EAR.listening}</p>}
      {typeof heard === "string" && heard !== "busy" && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {refusalOf(heard)}
        </p>
      )}
      {typeof heard === "object" && heard !== null && (
        <div role="status" className="py-1">
          {heard.starts.length === 0 ? (
            <p className="font-semibold">{EAR.none}</p>
          ) : (
            <ul className="font-semibold">
              {heard.starts.map((start) => (
                <li key={start.onsetS}>
                  {sentenceOf(start)} {start.beside && EAR.beside}
                </li>
              ))}
            </ul>
          )}
          {heard.lineHz !== null && heard.starts.length > 0 && <p>{EAR.line(heard.lineHz)}</p>}
        </div>
      )}
      <p className="py-1 text-ink2">{EAR.sure}</p>
    </Fold>
  );
}
