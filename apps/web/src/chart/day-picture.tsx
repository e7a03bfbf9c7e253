import { itemAt } from "@amp-saver/core/quantity";
import { line } from "d3-shape";
import { AmpRule, RULE_HEIGHT } from "./amp-rule.tsx";
import { ampScale } from "./amp-scale.ts";
import { Halo } from "./halo.tsx";

interface DayPictureBand {
  readonly id: string;
  readonly name: string;
  readonly kind: "unit" | "load" | "charger";
  readonly amps: readonly number[];
}

interface DayPictureProps {
  readonly width: number;
  readonly height: number;
  /** Bands from the rule's zero outwards, a value for each step. */
  readonly bands: readonly DayPictureBand[];
  readonly availableA: readonly number[];
  /** Asked at once, before anything is switched off. */
  readonly askedA: readonly number[];
  /** Charge of the bank, 0 to 1, and the share it is not to go below; null without one. */
  readonly charge: readonly number[] | null;
  readonly leastCharge: number;
  /** Steps in which a unit starts. */
  readonly starts: readonly number[];
  readonly label: string;
  readonly words: { readonly amps: string; readonly bank: string };
  readonly readStep: number | null;
  readonly onRead: (step: number) => void;
}

const SIDE = 84;
const FILLS = { unit: "var(--steel)", load: "url(#hatch-loads)", charger: "url(#hatch-fan)" } as const;
const HOURS = [0, 3, 6, 9, 12, 15, 18, 21, 24] as const;

/** A day from midnight down to midnight on one rule of amps: what takes power, what there is, every start, and the bank beside it. */
export function DayPicture(props: DayPictureProps) {
  const { width, height, bands, availableA, askedA, charge, starts, label, words, readStep, onRead } = props;
  const steps = availableA.length;
  const left = 56;
  const right = charge === null ? width - 10 : width - SIDE - 14;
  const top = RULE_HEIGHT + 8;
  const scale = ampScale([...availableA, ...askedA], null, left, right);
  const y = (step: number): number => top + ((height - 6 - top) * step) / steps;
  const inner = bands.map((_, b) => Array.from({ length: steps }, (_, k) => sum(bands.slice(0, b), k)));
  const stepLine = (values: readonly number[]): string =>
    values.map((a, k) => `${k === 0 ? "M" : "L"}${scale.x(a)} ${y(k)}V${y(k + 1)}`).join("");
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={label}
      className="block"
      onPointerMove={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const step = Math.floor(((event.clientY - box.top - top) / (height - 6 - top)) * steps);
        if (step >= 0 && step < steps) onRead(step);
      }}
    >
      <AmpRule scale={scale} y={0} label={words.amps} />
      {HOURS.map((h) => (
        <g key={h}>
          <line x1={left} x2={right} y1={y((h / 24) * steps)} y2={y((h / 24) * steps)} stroke="var(--hair)" strokeWidth="1.2" />
          <text x={left - 10} y={y((h / 24) * steps) + (h === 24 ? 0 : 5)} textAnchor="end" fontSize="14" fill="var(--ink)">
            {String(h).padStart(2, "0")}
          </text>
        </g>
      ))}
      {bands.map((band, b) => (
        <path
          key={band.id}
          d={area(scale.x, y, itemAt(inner, b), band.amps)}
          fill={FILLS[band.kind]}
          stroke={band.kind === "unit" ? "var(--face)" : "var(--ink)"}
          strokeWidth="1"
        />
      ))}
      <path d={area(scale.x, y, availableA, beyond(availableA, askedA))} fill="url(#hatch-lead)" stroke="var(--lead)" strokeWidth="1.4" />
      <path d={stepLine(availableA)} fill="none" stroke="var(--lead)" strokeWidth="3" />
      {starts.map((k) => (
        <line key={k} x1={left - 6} x2={left + 5} y1={y(k + 0.5)} y2={y(k + 0.5)} stroke="var(--ink)" strokeWidth="2" />
      ))}
      <rect x={left - 5} y={top - 6} width="5" height={height - top} fill="var(--ink)" />
      {bands.map((band, b) => {
        const at = widest(band.amps);
        const wide = scale.x(itemAt(band.amps, at)) - scale.x(0);
        if (wide < 9 * band.name.length * 0.86 || y(1) - y(0) === 0) return null;
        return (
          <Halo
            key={`name ${band.id}`}
            x={(scale.x(itemAt(itemAt(inner, b), at)) + scale.x(itemAt(itemAt(inner, b), at) + itemAt(band.amps, at))) / 2}
            y={y(at) + 5}
            anchor="middle"
            size={14.5}
            fill="var(--ink)"
          >
            {band.name}
          </Halo>
        );
      })}
      {charge !== null && <BankColumn {...props} charge={charge} x={width - SIDE} y={y} top={top} />}
      {readStep !== null && (
        <line
          data-screen-only
          x1={left}
          x2={right}
          y1={y(readStep + 0.5)}
          y2={y(readStep + 0.5)}
          stroke="var(--ink)"
          strokeWidth="1.5"
          strokeDasharray="5 3"
        />
      )}
    </svg>
  );
}

function BankColumn({
  charge,
  leastCharge,
  x,
  y,
  top,
  height,
  words,
}: DayPictureProps & {
  readonly charge: readonly number[];
  readonly x: number;
  readonly y: (step: number) => number;
  readonly top: number;
}) {
  const at = (share: number): number => x + share * (SIDE - 16);
  const path = line<number>(
    (share) => at(share),
    (_, k) => y(k + 1),
  )(charge);
  return (
    <g>
      <text x={x} y={RULE_HEIGHT - 9} fontSize="14.5" fontWeight="700" fill="var(--ink)">
        {words.bank}
      </text>
      <line x1={at(0)} x2={at(0)} y1={top} y2={height - 6} stroke="var(--ink)" strokeWidth="1.8" />
      <line x1={at(1)} x2={at(1)} y1={top} y2={height - 6} stroke="var(--hair)" strokeWidth="1.2" />
      <rect x={at(0)} y={top} width={at(leastCharge) - at(0)} height={height - 6 - top} fill="url(#hatch-lead)" />
      <line x1={at(leastCharge)} x2={at(leastCharge)} y1={top} y2={height - 6} stroke="var(--lead)" strokeWidth="2.4" />
      {path !== null && <path d={path} fill="none" stroke="var(--steel)" strokeWidth="4" strokeLinejoin="round" />}
    </g>
  );
}

function sum(bands: readonly DayPictureBand[], step: number): number {
  return bands.reduce((total, band) => total + itemAt(band.amps, step), 0);
}

/** A band between its inner edge and its own amps further out, stepped. */
function area(x: (a: number) => number, y: (step: number) => number, inner: readonly number[], amps: readonly number[]): string {
  const pieces: string[] = [];
  for (let k = 0; k < amps.length; k++) {
    if (amps[k] === 0) continue;
    let last = k;
    while (last + 1 < amps.length && amps[last + 1] !== 0) last++;
    const out = Array.from(
      { length: last - k + 1 },
      (_, i) => `L${x(itemAt(inner, k + i) + itemAt(amps, k + i))} ${y(k + i)}V${y(k + i + 1)}`,
    ).join("");
    const back = Array.from({ length: last - k + 1 }, (_, i) => `L${x(itemAt(inner, last - i))} ${y(last - i + 1)}V${y(last - i)}`).join(
      "",
    );
    pieces.push(`M${x(itemAt(inner, k))} ${y(k)}${out}${back}Z`);
    k = last;
  }
  return pieces.join("");
}

/** Amps asked beyond what there is, step by step. */
function beyond(there: readonly number[], asked: readonly number[]): readonly number[] {
  return asked.map((a, k) => Math.max(0, a - itemAt(there, k)));
}

function widest(amps: readonly number[]): number {
  return amps.reduce((best, a, k) => (a > itemAt(amps, best) ? k : best), 0);
}
