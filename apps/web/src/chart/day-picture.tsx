import { itemAt } from "@amp-saver/core/quantity";
import { DayAmps } from "./day-amps.tsx";
import { DayBank } from "./day-bank.tsx";
import type { DayPictureProps } from "./day-props.ts";
import { DayRow } from "./day-row.tsx";

/** Width from which names stand beside the rows rather than above them. */
const BESIDE = 620;
const TOP = 22;
const ROW = 22;
const AMPS = 118;
const BANK = 44;
const FILLS = { unit: "var(--steel)", load: "var(--steel)", charger: "url(#hatch-fan)" } as const;

/** A day from midnight to midnight: what feeds the rig, a row for all that takes power, the amps of all together, and the bank. */
export function DayPicture(props: DayPictureProps) {
  const { width, lanes, feeds, availableA, charge, starts, label, words, readStep, onRead } = props;
  const steps = availableA.length;
  const beside = width >= BESIDE;
  const [left, right] = beside ? [176, width - 108] : [34, width - 6];
  const above = beside ? 0 : 19;
  const pitch = ROW + above + 9;
  const x = (step: number): number => left + ((right - left) * step) / steps;
  const rowY = (k: number): number => TOP + 8 + above + k * pitch;
  const ampsY = rowY(lanes.length + 1) + 6;
  const bankY = ampsY + AMPS + above + 14;
  const bottom = charge === null ? ampsY + AMPS + 6 : bankY + BANK + 6;
  const hours = beside ? [0, 3, 6, 9, 12, 15, 18, 21, 24] : [0, 6, 12, 18, 24];
  const frame = { left, right, beside, x };
  return (
    <svg
      width={width}
      height={bottom}
      role="img"
      aria-label={label}
      className="block"
      onPointerMove={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const step = Math.floor(((event.clientX - box.left - left) / (right - left)) * steps);
        if (step >= 0 && step < steps) onRead(step);
      }}
    >
      {hours.map((h) => (
        <g key={h}>
          <line x1={x((h / 24) * steps)} x2={x((h / 24) * steps)} y1={TOP} y2={bottom} stroke="var(--hair)" strokeWidth="1.2" />
          <text
            x={x((h / 24) * steps)}
            y={TOP - 7}
            textAnchor={h === 24 && !beside ? "end" : "middle"}
            fontSize="14"
            fontWeight="600"
            fill="var(--ink)"
          >
            {String(h).padStart(2, "0")}
          </text>
        </g>
      ))}
      <DayRow {...frame} y={rowY(0)} height={ROW} name={words.feeds} note={null}>
        {feeds.map(({ value, from, to }) => {
          const name = fitted(value ?? words.nothing, x(to) - x(from) - 8);
          return (
            <g key={from}>
              <rect
                x={x(from)}
                y={rowY(0)}
                width={x(to) - x(from)}
                height={ROW}
                fill={value === null ? "url(#hatch-lead)" : "var(--face)"}
                stroke={value === null ? "var(--lead)" : "var(--ink)"}
                strokeWidth="1.8"
              />
              {value !== null && name !== "" && (
                <text x={(x(from) + x(to)) / 2} y={rowY(0) + 16} textAnchor="middle" fontSize="13.5" fontWeight="600" fill="var(--ink)">
                  {name}
                </text>
              )}
            </g>
          );
        })}
      </DayRow>
      {lanes.map((lane, k) => (
        <DayRow key={lane.id} {...frame} y={rowY(k + 1)} height={ROW} name={lane.name} note={lane.note}>
          <path d={rowArea(x, rowY(k + 1), lane.amps)} fill={FILLS[lane.kind]} stroke="none" />
          {lane.without
            .filter(({ value }) => value)
            .map(({ from, to }) => (
              <rect
                key={from}
                x={x(from)}
                y={rowY(k + 1)}
                width={x(to) - x(from)}
                height={ROW}
                fill="url(#hatch-lead)"
                stroke="var(--lead)"
                strokeWidth="1.8"
              />
            ))}
        </DayRow>
      ))}
      <DayAmps {...props} {...frame} y={ampsY} height={AMPS} />
      {starts.map((k) => (
        <line key={k} x1={x(k + 0.5)} x2={x(k + 0.5)} y1={ampsY + AMPS} y2={ampsY + AMPS + 6} stroke="var(--ink)" strokeWidth="1.6" />
      ))}
      {charge !== null && <DayBank {...frame} charge={charge} leastCharge={props.leastCharge} name={words.bank} y={bankY} height={BANK} />}
      {readStep !== null && (
        <line
          data-screen-only
          x1={x(readStep + 0.5)}
          x2={x(readStep + 0.5)}
          y1={TOP}
          y2={bottom}
          stroke="var(--ink)"
          strokeWidth="1.5"
          strokeDasharray="5 3"
        />
      )}
    </svg>
  );
}

/** About how wide a letter of a name is, px. */
const LETTER = 7.2;

/** As much of a name as goes into so many px; nothing where that would not tell it. */
function fitted(name: string, px: number): string {
  const letters = Math.floor(px / LETTER);
  return letters >= name.length ? name : letters < FEWEST ? "" : `${name.slice(0, letters - 1)}…`;
}
const FEWEST = 5;

/** What one takes, as high as its own most. */
function rowArea(x: (step: number) => number, top: number, amps: readonly number[]): string {
  const most = Math.max(...amps, 1e-9);
  const pieces = amps.map((a, k) =>
    a <= 0 ? "" : `M${x(k)} ${top + ROW}V${top + ROW - (ROW * itemAt(amps, k)) / most}H${x(k + 1)}V${top + ROW}Z`,
  );
  return pieces.join("");
}
