import { Uprights } from "./strokes.tsx";

interface TimerRuleProps {
  readonly width: number;
  /** Seconds gone and seconds in all. */
  readonly goneS: number;
  readonly wholeS: number;
}

const HEIGHT = 48;
const BAR = 22;
const TICKS = [1, 2, 5, 10, 15, 30, 60, 120, 300, 600] as const;

/** A stretch of time as a rule in minutes: what is gone hatched, a cursor where it stands. */
export function TimerRule({ width, goneS, wholeS }: TimerRuleProps) {
  const x = (s: number): number => 12 + (Math.min(wholeS, Math.max(0, s)) / wholeS) * (width - 24);
  const step = TICKS.find((t) => wholeS / t <= 6) ?? 900;
  const ticks = Array.from({ length: Math.floor(wholeS / step) + 1 }, (_, k) => k * step);
  const minutes = step >= 60;
  return (
    <svg width={width} height={HEIGHT} aria-hidden="true" className="block">
      <rect x={12} y={2} width={width - 24} height={BAR} fill="var(--face)" stroke="var(--ink)" strokeWidth="1.8" />
      <rect x={12} y={2} width={x(goneS) - 12} height={BAR} fill="url(#hatch-loads)" />
      <Uprights at={ticks.map(x)} from={BAR - 8} to={BAR + 2} stroke="var(--ink)" strokeWidth="1.5" />
      {ticks.map((s) => (
        <text key={s} x={x(s)} y={BAR + 20} textAnchor="middle" className="figure" fontSize="14" fill="var(--ink)">
          {minutes ? s / 60 : s}
        </text>
      ))}
      <rect x={x(goneS) - 10} y={0} width={20} height={BAR + 6} fill="var(--face)" stroke="var(--ink)" strokeWidth="2.4" />
      <line x1={x(goneS)} x2={x(goneS)} y1={2} y2={BAR + 4} stroke="var(--ink)" strokeWidth="1.5" />
    </svg>
  );
}
