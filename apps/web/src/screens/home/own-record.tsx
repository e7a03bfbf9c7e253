import { useOwnRecords } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Fold } from "../../ui/fold.tsx";
import { OWN } from "../../words/home.ts";
import { ownRecord } from "./statistics.view.ts";

/** One's own jobs in figures, worked out when they are asked for. */
export function OwnRecordPanel() {
  return (
    <Fold label={OWN.title} className="px-4 font-semibold min-[62.5rem]:px-6">
      <div className="pb-3 font-normal">
        <Figures />
      </div>
    </Fold>
  );
}

function Figures() {
  const all = useOwnRecords();
  const { measure } = useSettings();
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
            <li key={`${row.volts} ${row.tons}`}>{OWN.reduction(row, measure)}</li>
          ))}
        </ul>
      )}
      {fitMinutes !== null && <p>{OWN.fit(fitMinutes)}</p>}
    </>
  );
}
