import { isSameDay, parseISO } from "date-fns";
import { fitLogCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Tick } from "../../ui/tick.tsx";
import { PLAN } from "../../words/wiring-plan.ts";
import { BlockedPlan } from "./blocked-plan.tsx";
import { CrimpSheet } from "./crimp-sheet.tsx";
import { packedFor, packList } from "./kit.view.ts";
import type { PartProps } from "./part-props.ts";

/** The kit: what to crimp on the ground, and what to carry up, ticked as it is packed. */
export function KitPart(props: PartProps) {
  const { view, names, bundle } = props;
  const { commit } = useStore();
  const { job, works } = bundle;
  if (!view.plan.ok) return <BlockedPlan {...props} question={PLAN.kitQuestion(bundle.unit.name)} />;
  const packed = packedFor(job, works, (iso) => isSameDay(parseISO(iso), Date.now()));
  const lists = packList(view, names);
  const missing = Object.values(lists)
    .flat()
    .filter(({ key }) => packed[key] !== true);
  const pack = (keys: readonly string[], yes: boolean): void =>
    void commit(fitLogCommit(job, {}, `packed ${keys.join()}`, { packed: Object.fromEntries(keys.map((key) => [key, yes])) }));
  const pieces = view.kit.reduce((sum, line) => sum + line.needed, 0);
  const spares = view.kit.reduce((sum, line) => sum + line.spare, 0);
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer
        guide="prepare"
        question={PLAN.kitQuestion(bundle.unit.name)}
        parts={PLAN.kitAnswer(pieces, spares)}
        sure={PLAN.packed(missing.map(({ text }) => text))}
      />
      {missing.length > 0 && (
        <Button
          look="primary"
          className="mt-3 min-h-[48px]"
          onClick={() =>
            pack(
              missing.map(({ key }) => key),
              true,
            )
          }
        >
          {PLAN.packEverything}
        </Button>
      )}
      {(["kit", "tools", "consumables"] as const).map((group) => (
        <section key={group} className="mt-3">
          <SectionHeading>{PLAN[group]}</SectionHeading>
          {lists[group].some(({ key }) => packed[key] !== true) && (
            <Button
              className="my-1 min-h-[48px]"
              onClick={() =>
                pack(
                  lists[group].map(({ key }) => key),
                  true,
                )
              }
            >
              {PLAN.packAll(PLAN[group])}
            </Button>
          )}
          {lists[group].map(({ key, text }) => (
            <Tick key={key} label={text} ticked={packed[key] === true} onChange={(yes) => pack([key], yes)} />
          ))}
        </section>
      ))}
      <CrimpSheet view={view} names={names} />
    </div>
  );
}
