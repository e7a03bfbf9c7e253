import type { Terminal } from "@amp-saver/core/network";
import type { PracticeStep } from "@amp-saver/core/study/practice";
import { Button } from "../../ui/button.tsx";
import { Pick } from "../../ui/pick.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { shownText } from "../../words/practice-acts.ts";
import { RANGE_WORDS } from "../../words/practice-names.ts";
import { MEASURE_RANGES } from "./bench.view.ts";
import type { Hands } from "./use-hands.ts";

interface MeterPanelProps {
  readonly hands: Hands;
  readonly points: readonly Terminal[];
  readonly nameOf: (at: Terminal) => string;
  readonly reading: PracticeStep | null;
}

const OFF = "";

/** The multimeter: its figure, its range, and where its probes are, from the map or from a list. */
export function MeterPanel({ hands, points, nameOf, reading: newest }: MeterPanelProps) {
  const { range, setRange, probes, setProbe, readAgain } = hands;
  // With a probe off, what was read before is not what lies between them.
  const reading = probes.one === null || probes.two === null ? null : newest;
  const options = [{ value: OFF, word: PRACTICE.nowhere }, ...points.map((at) => ({ value: at, word: nameOf(at) }))];
  const beeps = reading !== null && "shown" in reading ? reading.beeps : undefined;
  return (
    <div>
      <p className="figure text-answer font-semibold" role="status">
        {shownText(reading)}
      </p>
      <p className="text-body">
        {RANGE_WORDS[range]}
        {beeps === undefined ? "" : `, ${beeps ? PRACTICE.beeps : PRACTICE.silent}`}
      </p>
      <Pick
        label={PRACTICE.range}
        value={range}
        options={MEASURE_RANGES.map((value) => ({ value, word: RANGE_WORDS[value] }))}
        onChange={setRange}
      />
      {(["one", "two"] as const).map((piece) => (
        <Pick
          key={piece}
          label={PRACTICE.pieces[piece]}
          value={probes[piece] ?? OFF}
          options={options}
          onChange={(at) => setProbe(piece, at === OFF ? null : at)}
        />
      ))}
      <Button className="mt-2" disabled={probes.one === null || probes.two === null} onClick={readAgain}>
        {PRACTICE.readAgain}
      </Button>
    </div>
  );
}
