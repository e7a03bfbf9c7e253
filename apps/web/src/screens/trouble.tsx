import { type FitLog, newFitLog } from "@amp-saver/records";
import { type Changing, fitLogCommit } from "../store/commands.ts";
import { useStore } from "../store/provider.tsx";
import type { JobBundle } from "../store/queries.ts";
import { DraftScope } from "../ui/drafts.ts";
import { Fold } from "../ui/fold.tsx";
import { NumberField } from "../ui/number-field.tsx";
import { Pick } from "../ui/pick.tsx";
import { TROUBLE } from "../words/trouble.ts";
import { SYMPTOM_LIST, troubleView } from "./trouble.view.ts";

const NONE = "";

/** What it does, what to measure next, what the readings mean: one measurement leads to another. */
export function Trouble({ bundle }: { readonly bundle: JobBundle }) {
  const { commit } = useStore();
  const { job, unit, sources, works, wirings } = bundle;
  const work = works.find((w) => w.jobId === job.id) ?? newFitLog(job.createdAt, job);
  const source = sources.find((s) => s.id === job.sourceId);
  const view = troubleView(
    work,
    unit,
    source,
    wirings.find((w) => w.unitId === unit.id),
  );
  const kept = work.trouble;
  return (
    <Fold label={TROUBLE.title} ruled className="mt-4" startOpen={kept !== undefined}>
      <Pick<string>
        label={TROUBLE.symptom}
        value={kept?.symptom ?? NONE}
        options={[{ value: NONE, word: TROUBLE.none }, ...SYMPTOM_LIST.map((value) => ({ value, word: TROUBLE.symptoms[value] }))]}
        onChange={(value) => {
          const symptom = SYMPTOM_LIST.find((s) => s === value);
          void commit(fitLogCommit(job, { trouble: symptom === undefined ? undefined : { symptom, read: {} } }, "trouble"));
        }}
      />
      {view !== null && (
        <DraftScope value={`trouble ${kept?.symptom ?? ""}`}>
          <p className="py-2 text-large font-semibold" role="status">
            {view.causes.length > 0
              ? view.causes.map((cause) => (
                  <span key={cause} className="block text-lead">
                    {TROUBLE.causes[cause]}
                  </span>
                ))
              : view.next !== null
                ? TROUBLE.next(TROUBLE.names[view.next].toLowerCase()).map(({ text }) => <span key={text}>{text}</span>)
                : view.rows.length === 0
                  ? TROUBLE.cannot
                  : TROUBLE.clear}
          </p>
          {view.rows.map(({ what, unit: shown, scale, mostTyped, least, most, read, cause }) => (
            <div key={what} className={what === view.next ? "border-l-[3px] border-ink pl-2" : ""}>
              <NumberField
                label={`${TROUBLE.names[what]}, ${shown}`}
                kept={read}
                min={0}
                max={mostTyped}
                optional
                wrong={TROUBLE.bad(TROUBLE.names[what], mostTyped)}
                onNumber={(value) => {
                  const become: Changing<FitLog> = ({ trouble }) => {
                    if (trouble === undefined) return {};
                    const { [what]: _, ...others } = trouble.read;
                    return { trouble: { ...trouble, read: value === null ? others : { ...others, [what]: value * scale } } };
                  };
                  void commit(fitLogCommit(job, become, `trouble ${what}`));
                }}
              />
              <p className={`text-small ${cause === null ? "text-ink2" : "font-semibold text-lead"}`}>
                {TROUBLE.expected(least, most, shown)}
              </p>
            </div>
          ))}
          <p className="py-1 font-semibold">{TROUBLE.caution}</p>
          <p className="text-small text-ink2">{TROUBLE.source}</p>
        </DraftScope>
      )}
    </Fold>
  );
}
