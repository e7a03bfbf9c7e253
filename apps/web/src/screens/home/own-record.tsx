import { Collapsible } from "radix-ui";
import { useState } from "react";
import { useOwnRecords } from "../../store/queries.ts";
import { OWN } from "../../words/home.ts";
import { ownRecord } from "./statistics.view.ts";

/** One's own jobs in figures, worked out when they are asked for. */
export function OwnRecordPanel() {
  const [open, setOpen] = useState(false);
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen} className="px-4 min-[1000px]:px-6">
      <Collapsible.Trigger className="flex min-h-[48px] items-center font-bold underline underline-offset-4">
        {OWN.title}
      </Collapsible.Trigger>
      <Collapsible.Content className="pb-3">
        <Figures />
      </Collapsible.Content>
    </Collapsible.Root>
  );
}

function Figures() {
  const all = useOwnRecords();
  if (all === undefined) return null;
  const { jobs, handedOver, reductions, fitMinutes } = ownRecord(all.jobs, all.units, all.readings, all.works);
  return (
    <>
      <p>{OWN.jobs(jobs, handedOver)}</p>
      {reductions.length === 0 ? (
        <p className="text-ink2">{OWN.none}</p>
      ) : (
        <ul className="list-disc pl-6">
          {reductions.map((row) => (
            <li key={`${row.volts} ${row.tons}`}>{OWN.reduction(row)}</li>
          ))}
        </ul>
      )}
      {fitMinutes !== null && <p>{OWN.fit(fitMinutes)}</p>}
    </>
  );
}
