import type { PracticeAct } from "@amp-saver/core/study/practice";
import { memo, useMemo, useState } from "react";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Caution } from "../../ui/caution.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { useSame } from "../../ui/use-same.ts";
import { useWide } from "../../ui/use-wide.ts";
import { PRACTICE } from "../../words/practice.ts";
import { hintText, inside } from "../../words/practice-acts.ts";
import { DANGERS_TOLD } from "../../words/practice-debrief.ts";
import { RANGE_WORDS } from "../../words/practice-names.ts";
import type { Played, PracticeQuestion } from "../../workers/practice.worker.ts";
import { useHint } from "../../workers/use-practice.ts";
import { benchNames, hintHolds, hintPlaces, lastTold, onClamp, onMeter, pointsIn, unitOf } from "./bench.view.ts";
import { BenchMap } from "./bench-map.tsx";
import { FindsPanel } from "./finds-panel.tsx";
import type { Chosen } from "./lessons.view.ts";
import { MeterPanel } from "./meter-panel.tsx";
import { PowerPanel } from "./power-panel.tsx";
import { useHands } from "./use-hands.ts";
import { WiresPanel } from "./wires-panel.tsx";

interface BenchProps {
  readonly chosen: Chosen;
  readonly question: PracticeQuestion;
  readonly played: Played;
  readonly act: (act: PracticeAct) => void;
  readonly end: () => void;
}

/** What is done beside the map, and on a phone the map itself. */
const PANELS = ["unit", "meter", "power", "wires", "finds"] as const;
type Panel = (typeof PANELS)[number];

/** The bench: its map, what the last act showed, and everything a fitter does. */
export const Bench = memo(function DrawnBench({ chosen, question, played: { shown, steps }, act, end }: BenchProps) {
  const wide = useWide();
  const [panel, setPanel] = useState<Panel>("power");
  const hands = useHands(shown, act, () => setPanel("wires"));
  const unit = useSame(unitOf(shown));
  const names = useMemo(() => benchNames(unit), [unit]);
  const points = useMemo(() => pointsIn(unit), [unit]);
  const { acts } = question;
  const asks = hintHolds(acts);
  const { answer: hint } = useHint(asks ? question : null);
  const told = asks && hint?.ok === true ? hint.value : null;
  const lit = useMemo(() => hintPlaces(told, unit), [told, unit]);
  const shownPanel = wide && panel === "unit" ? "power" : panel;
  const over = shown.stopped !== null;
  const parts: Readonly<Record<Panel, () => React.ReactNode>> = {
    unit: () => (
      <>
        <p className="py-1 text-body">
          {shown.open.includes("box")
            ? `${PRACTICE.holds[hands.held]} ${PRACTICE.meterOn(inside(RANGE_WORDS[hands.range]))}`
            : PRACTICE.closedBox}
        </p>
        <BenchMap unit={unit} names={names} hands={hands} lit={lit} />
      </>
    ),
    meter: () => <MeterPanel hands={hands} points={points} nameOf={names.place} reading={onMeter(acts, steps)} />,
    power: () => <PowerPanel shown={shown} act={act} />,
    wires: () => <WiresPanel shown={shown} names={names} act={act} hands={hands} points={points} clampReading={onClamp(acts, steps)} />,
    finds: () => (
      <FindsPanel goals={chosen.lesson.goals} acts={acts} act={act} hint={told === null ? null : hintText(told, names)} end={end} />
    ),
  };
  const choice = useMemo(
    () => (
      <Choice
        label={PRACTICE.panelLabel}
        hideLabel
        value={shownPanel}
        options={PANELS.filter((p) => p !== "unit" || !wide).map((value) => ({ value, word: PRACTICE.panels[value] }))}
        onChange={setPanel}
      />
    ),
    [shownPanel, wide],
  );
  const heard = shown.heard === "nothing" ? "" : ` ${PRACTICE.heard[shown.heard]}`;
  return (
    <StageFrame alone={over || !wide}>
      <Evidence>
        <Answer
          question={chosen.title}
          parts={[{ text: shown.stopped === null ? (lastTold(acts, steps, names) ?? chosen.story) : DANGERS_TOLD[shown.stopped].what }]}
          sure={`${PRACTICE.clock(shown.nowS, acts.length)}.${heard}`}
          guide={chosen.guide}
        />
        {shown.stopped !== null && <Stopped instead={DANGERS_TOLD[shown.stopped].instead} end={end} />}
        {!wide && !over && <div className="pt-2 pb-3">{choice}</div>}
        {over || wide ? parts.unit() : parts[shownPanel]()}
        <p className="py-2 text-small text-ink2">
          {PRACTICE.sure} {PRACTICE.cautionText}
        </p>
      </Evidence>
      {wide && !over && (
        <Rail>
          {choice}
          <div className="pt-3">{parts[shownPanel]()}</div>
        </Rail>
      )}
    </StageFrame>
  );
});

/** The practice was stopped before it hurt: what should have come first, and the way to the debrief. */
function Stopped({ instead, end }: { readonly instead: string; readonly end: () => void }) {
  return (
    <div className="max-w-[760px] py-3">
      <Caution title={PRACTICE.instead}>
        <p>{instead}</p>
      </Caution>
      <Button look="primary" className="mt-3 min-h-[62px] w-full text-large" onClick={end}>
        {PRACTICE.end}
      </Button>
    </div>
  );
}
