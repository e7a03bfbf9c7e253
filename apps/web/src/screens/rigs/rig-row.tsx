import type { RigSummary } from "@amp-saver/records";
import { Link } from "react-router";
import { Button } from "../../ui/button.tsx";
import { COMMON } from "../../words/common.ts";
import { HISTORY } from "../../words/history.ts";
import { RIGS } from "../../words/home.ts";
import { TOGETHER } from "../../words/together.ts";

interface RigRowProps {
  readonly rig: RigSummary;
  readonly busy: boolean;
  readonly onExport: () => void;
  readonly onCase: () => void;
  readonly onDelete: () => void;
  readonly onAddUnit: () => void;
}

/** A rig with its units and sources, and what can be done with it. */
export function RigRow({ rig, busy, onExport, onCase, onDelete, onAddUnit }: RigRowProps) {
  return (
    <li className="grid gap-x-8 gap-y-2 border-b border-hair px-4 py-4 min-[62.5rem]:grid-cols-[1.3fr_1fr_460px] min-[62.5rem]:px-6">
      <div>
        <h2 className="figure text-large">{rig.name}</h2>
        <p className="text-ink2">{rig.note}</p>
        <ul className="mt-1">
          {rig.jobs.map((job) => (
            <li key={job.id}>
              <Link to={`/job/${job.id}/survey`} className="inline-block py-0.5 underline underline-offset-4 pointer-coarse:py-2.5">
                {job.unitName}, {job.title}
              </Link>
            </li>
          ))}
        </ul>
      </div>
      <ul className="text-body">
        {rig.sources.map((name, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two sources may bear one name
          <li key={k}>{name}</li>
        ))}
      </ul>
      <div className="flex flex-wrap content-start items-start gap-2">
        <Link
          to={`/rig/${rig.id}/together`}
          aria-label={`${TOGETHER.open}: ${rig.name}`}
          className="edge inline-flex min-h-[40px] items-center bg-face px-3.5 py-1.5 font-semibold pointer-coarse:min-h-[48px]"
        >
          {TOGETHER.open}
        </Link>
        <Link
          to={`/rig/${rig.id}/history`}
          aria-label={HISTORY.openOf(rig.name)}
          className="edge inline-flex min-h-[40px] items-center bg-face px-3.5 py-1.5 font-semibold pointer-coarse:min-h-[48px]"
        >
          {HISTORY.open}
        </Link>
        <Link
          to={`/pair/${rig.id}`}
          aria-label={`${COMMON.secondPhone}: ${rig.name}`}
          className="edge inline-flex min-h-[40px] items-center bg-face px-3.5 py-1.5 font-semibold pointer-coarse:min-h-[48px]"
        >
          {COMMON.secondPhone}
        </Link>
        <Button onClick={onAddUnit}>{RIGS.addUnit}</Button>
        <Button disabled={busy} onClick={onExport} aria-label={`${RIGS.export} ${rig.name}`}>
          {RIGS.export}
        </Button>
        <Button disabled={busy} onClick={onCase} aria-label={RIGS.caseOf(rig.name)}>
          {RIGS.asCase}
        </Button>
        <Button onClick={onDelete} aria-label={`${RIGS.delete} ${rig.name}`}>
          {RIGS.delete}
        </Button>
      </div>
    </li>
  );
}
