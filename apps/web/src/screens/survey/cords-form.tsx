import { GAUGES } from "@amp-saver/core/reference";
import { MOST_CORDS, type Source } from "@amp-saver/records";
import { useSettings } from "../../store/settings.tsx";
import { Button } from "../../ui/button.tsx";
import { Pick } from "../../ui/pick.tsx";
import { SOURCE_WORDS } from "../../words/sources.ts";
import { wireSize } from "../../words/wire-size.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { gaugeOf } from "./gauge.view.ts";

type Cords = NonNullable<Source["cords"]>;
/** A 25 ft cord of the usual gauge, to be corrected. */
const NEW_CORD: Cords[number] = { awg: 10, lengthM: 7.62 };

interface CordsFormProps {
  readonly cords: Cords;
  /** Takes how the cords that are kept by then become the new ones. */
  readonly onChange: (become: (kept: Cords) => Cords) => void;
}

/** Cords and adapters in a row, each with gauge and length. */
export function CordsForm({ cords, onChange }: CordsFormProps) {
  const { measure } = useSettings();
  const put = (index: number, change: Partial<Cords[number]>): void =>
    onChange((kept) => kept.map((c, i) => (i === index ? { ...c, ...change } : c)));
  return (
    <fieldset className="mt-2 border-t-[1.5px] border-ink pt-1">
      <legend className="float-left text-body font-semibold">{SOURCE_WORDS.cords}</legend>
      <p className="clear-both text-small leading-[1.15] text-ink2">{SOURCE_WORDS.cordsHelp}</p>
      <ul>
        {cords.map((cord, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a cord is its place in the row
          <li key={i} className="border-b-[1.5px] border-hair pb-1">
            <Pick
              label={SOURCE_WORDS.cordGauge(i + 1)}
              value={String(cord.awg)}
              options={GAUGES.map((awg) => ({ value: String(awg), word: wireSize(awg, measure) }))}
              onChange={(awg) => put(i, { awg: gaugeOf(awg) })}
            />
            <BoundedInput
              name="cordM"
              label={SOURCE_WORDS.cordLength(i + 1)}
              value={cord.lengthM}
              onChange={(m) => m !== null && put(i, { lengthM: m })}
            />
            <Button look="quiet" onClick={() => onChange((kept) => kept.filter((_, k) => k !== i))}>
              {SOURCE_WORDS.cordAway(i + 1)}
            </Button>
          </li>
        ))}
      </ul>
      {cords.length < MOST_CORDS && <Button onClick={() => onChange((kept) => [...kept, NEW_CORD])}>{SOURCE_WORDS.cordAdd}</Button>}
    </fieldset>
  );
}
