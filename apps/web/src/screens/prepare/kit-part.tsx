import { Answer } from "../../ui/answer.tsx";
import { PLAN } from "../../words/wiring-plan.ts";
import { BlockedPlan } from "./blocked-plan.tsx";
import { CrimpSheet } from "./crimp-sheet.tsx";
import type { PartProps } from "./part-props.ts";

/** The kit: what to crimp on the ground, and what to carry up. */
export function KitPart(props: PartProps) {
  const { view, names, bundle } = props;
  if (!view.plan.ok) return <BlockedPlan {...props} question={PLAN.kitQuestion(bundle.unit.name)} />;
  const pieces = view.kit.reduce((sum, line) => sum + line.needed, 0);
  const spares = view.kit.reduce((sum, line) => sum + line.spare, 0);
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer guide="prepare" question={PLAN.kitQuestion(bundle.unit.name)} parts={PLAN.kitAnswer(pieces, spares)} />
      <CrimpSheet view={view} names={names} />
      <h3 className="mt-2 font-bold">{PLAN.tools}</h3>
      <ul className="columns-2 text-body">
        {PLAN.toolList.map((tool) => (
          <li key={tool}>{tool}</li>
        ))}
      </ul>
    </div>
  );
}
