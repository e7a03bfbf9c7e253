import { MOST_SPELLS, type Spells } from "@amp-saver/records";
import { Button } from "../../ui/button.tsx";
import { clock, DAY } from "../../words/day.ts";

interface SpellsProps {
  readonly name: string;
  readonly spells: Spells | undefined;
  /** Whether no hours at all mean that it is not there. */
  readonly mayBeAway?: boolean;
  /** How the hours follow from those that are kept by then. */
  readonly onChange: (become: (kept: Spells) => Spells | undefined) => void;
}

const HALF_HOURS = Array.from({ length: 49 }, (_, i) => i * 30);
const FIRST: Spells[number] = { fromMin: 8 * 60, toMin: 22 * 60 };

/** When in a day something is there or on; all day until hours are set. */
export function SpellsRow({ name, spells, mayBeAway = false, onChange }: SpellsProps) {
  const list = spells ?? [];
  const put = (at: number, change: Partial<Spells[number]>): void =>
    onChange((kept) => kept.map((s, i) => (i === at ? { ...s, ...change } : s)));
  const time = (label: string, value: number, set: (minute: number) => void) => (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => set(Number(event.target.value))}
      className="edge min-h-[34px] bg-face px-1.5 pointer-coarse:min-h-[44px]"
    >
      {(HALF_HOURS.includes(value) ? HALF_HOURS : [...HALF_HOURS, value].toSorted((a, b) => a - b)).map((m) => (
        <option key={m} value={m}>
          {m === 1440 ? "24:00" : clock(m)}
        </option>
      ))}
    </select>
  );
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-b border-hair py-1">
      <span>{name}</span>
      {list.length === 0 ? (
        <span className="flex items-center gap-2">
          <span className="text-small text-ink2">{spells === undefined ? DAY.allDay : DAY.notThere}</span>
          <Button look="quiet" aria-label={DAY.setHours(name)} onClick={() => onChange(() => [FIRST])}>
            {DAY.hours}
          </Button>
          {mayBeAway && spells === undefined && (
            <Button look="quiet" aria-label={DAY.takeAway(name)} onClick={() => onChange(() => [])}>
              {DAY.notThere}
            </Button>
          )}
          {spells !== undefined && (
            <Button look="quiet" aria-label={DAY.backToAllDay(name)} onClick={() => onChange(() => undefined)}>
              {DAY.allDay}
            </Button>
          )}
        </span>
      ) : (
        <span className="flex flex-col items-end gap-1">
          {list.map((spell, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a spell is its place in the list
            <span key={i} className="flex items-center gap-1.5">
              {time(DAY.from(name), spell.fromMin, (fromMin) => put(i, { fromMin }))}
              <span aria-hidden="true">–</span>
              {time(DAY.to(name), spell.toMin, (toMin) => put(i, { toMin }))}
            </span>
          ))}
          <span className="flex gap-2">
            {list.length < MOST_SPELLS && (
              <Button
                look="quiet"
                aria-label={`${DAY.setHours(name)}, +`}
                onClick={() => onChange((kept) => [...kept, FIRST].slice(0, MOST_SPELLS))}
              >
                +
              </Button>
            )}
            <Button look="quiet" aria-label={DAY.backToAllDay(name)} onClick={() => onChange(() => undefined)}>
              {DAY.allDay}
            </Button>
            {mayBeAway && (
              <Button look="quiet" aria-label={DAY.takeAway(name)} onClick={() => onChange(() => [])}>
                {DAY.notThere}
              </Button>
            )}
          </span>
        </span>
      )}
    </li>
  );
}
