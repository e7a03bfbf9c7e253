import type { Starter } from "@amp-saver/records";
import { useMemo, useState } from "react";
import { type Changing, editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { Tick } from "../../ui/tick.tsx";
import { limitSentence, MAKER } from "../../words/maker-sheet.ts";
import { PREPARE } from "../../words/wiring.ts";
import { BlockedPlan } from "./blocked-plan.tsx";
import { type LimitRow, limitsOf, saidOf, sheetView, without } from "./maker-sheet.view.ts";
import type { PartProps } from "./part-props.ts";
import { SheetLine } from "./sheet-line.tsx";
import { SheetText } from "./sheet-text.tsx";
import { wordedSteps } from "./worded-steps.ts";

/** The starter maker's sheet beside the plan of this unit: where they part, why, and what to do. */
export function MakerSheetPart(props: PartProps) {
  const { bundle, starter, view, names } = props;
  const { commit } = useStore();
  const beside = useMemo(() => sheetView(starter, view), [starter, view]);
  const [correcting, setCorrecting] = useState(false);
  const question = MAKER.question(bundle.unit.name);
  if (!view.plan.ok) return <BlockedPlan {...props} question={question} />;
  if (starter === undefined)
    return (
      <StageFrame alone>
        <Evidence>
          <Answer guide="prepare" question={question} parts={MAKER.noStarter} sure={MAKER.sure} />
        </Evidence>
      </StageFrame>
    );
  const save = (change: Changing<Starter>, field: string): void => void commit(editCommit<Starter>(starter, change, field));
  const worded = wordedSteps(view, names);
  const sentences = (groups: readonly number[]): readonly string[] => groups.flatMap((g) => worded[g]?.sentence ?? []);
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide="prepare"
          question={question}
          parts={beside === null ? MAKER.noSheet : MAKER.answer(beside.disagree, beside.open, beside.missing.length)}
          sure={MAKER.sure}
        />
        {beside !== null && (
          <>
            <SectionHeading>{MAKER.lines}</SectionHeading>
            <Tick label={MAKER.correcting} ticked={correcting} onChange={setCorrecting} />
            <ol>
              {beside.rows.map((row, n) => (
                <SheetLine
                  // biome-ignore lint/suspicious/noArrayIndexKey: a sentence may stand twice on a sheet
                  key={n}
                  row={row}
                  here={sentences(row.groups)}
                  names={names}
                  view={view}
                  starter={starter}
                  correcting={correcting}
                  onTold={(said) => save((kept) => ({ sheetMeans: saidOf(kept, row, said) }), `sheet ${row.key}`)}
                  onForget={() => save(({ sheetMeans }) => ({ sheetMeans: without(sheetMeans, row.key) }), `sheet ${row.key}`)}
                />
              ))}
            </ol>
            {beside.missing.length > 0 && (
              <section className="mt-3">
                <SectionHeading>{MAKER.missing}</SectionHeading>
                <p className="py-1 text-ink2">{MAKER.missingHelp}</p>
                <ul className="list-disc pl-5">
                  {sentences(beside.missing).map((sentence) => (
                    <li key={sentence} className="py-0.5">
                      {sentence}
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </>
        )}
      </Evidence>
      <Rail>
        <SheetText kept={starter.sheet ?? ""} onKeep={(sheet) => save({ sheet: sheet === "" ? undefined : sheet }, "sheet")} />
        {beside !== null && <Limits rows={beside.limits} onUse={() => save((kept) => limitsOf(kept, beside.limits), "limits")} />}
        <p className="mt-3 border-t-[1.5px] border-ink pt-2 font-bold">{PREPARE.dead}</p>
      </Rail>
    </StageFrame>
  );
}

interface LimitsProps {
  readonly rows: readonly LimitRow[];
  readonly onUse: () => void;
}

function Limits({ rows, onUse }: LimitsProps) {
  const { measure } = useSettings();
  return (
    <section className="mt-4">
      <SectionHeading>{MAKER.limits}</SectionHeading>
      <p className="py-1 text-ink2">{rows.length === 0 ? MAKER.noLimits : MAKER.limitsHelp}</p>
      <ul>
        {rows.map((row) => (
          <li key={row.kind} className="border-b border-hair py-1">
            <span className="block font-semibold">{limitSentence(row, measure)}</span>
            <span className="block text-ink2">{MAKER.wins[row.believed ? row.wins : "unbelieved"]}</span>
          </li>
        ))}
      </ul>
      {rows.some((row) => row.isNew) && (
        <Button className="mt-2" onClick={onUse}>
          {MAKER.use}
        </Button>
      )}
    </section>
  );
}
