import type { Heard } from "@amp-saver/core/study/by-ear";
import type { Timing } from "@amp-saver/records";
import { useState } from "react";
import { FileButton } from "../../ui/file-button.tsx";
import { EAR } from "../../words/ear.ts";
import { EAR_MOST, type EarRefusal, hearFile } from "../../workers/hear-file.ts";
import { HeardList } from "./heard-list.tsx";

const BYTES_A_MEGA = 1_000_000;

const refusalOf = (why: EarRefusal): string => {
  if (why === "too-large") return EAR.refused[why](EAR_MOST.bytes / BYTES_A_MEGA);
  return why === "too-long" ? EAR.refused[why](EAR_MOST.seconds) : EAR.refused[why];
};

/** Starts told from a recording that is there already; the file is kept nowhere. */
export function HearFile({ onKeep }: { readonly onKeep: (heard: NonNullable<Timing["heard"]>) => void }) {
  const [heard, setHeard] = useState<Heard | "busy" | EarRefusal | null>(null);
  return (
    <div className="py-1">
      <FileButton
        label={EAR.pick}
        fieldLabel={EAR.pickLabel}
        accept="audio/*"
        disabled={heard === "busy"}
        onFile={(file) => {
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
      {typeof heard === "object" && heard !== null && <HeardList heard={heard} over onKeep={onKeep} />}
    </div>
  );
}
