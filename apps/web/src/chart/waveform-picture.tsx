import { formatAmps } from "@amp-saver/core/quantity";
import { line } from "d3-shape";
import { WAVES } from "../words/waves.ts";
import { AmpRule, RULE_HEIGHT } from "./amp-rule.tsx";
import { ampScale } from "./amp-scale.ts";
import { Halo } from "./halo.tsx";
import { Levels, Uprights } from "./strokes.tsx";

interface Point {
  readonly t: number;
  readonly rmsA: number;
}

interface WaveformPictureProps {
  readonly width: number;
  readonly recorded: readonly Point[];
  /** The same start simulated; empty where it cannot be. */
  readonly simulated: readonly Point[];
  readonly runningA: number | null;
}

const HEIGHT = 260;
const LEFT = 58;

/** A recorded start over the simulated one: amps on the rule, time down the page, RMS of each cycle. */
export function WaveformPicture({ width, recorded, simulated, runningA }: WaveformPictureProps) {
  const top = RULE_HEIGHT + 8;
  const lastS = Math.max(0.4, Math.min(3, recorded.at(-1)?.t ?? 0));
  const scale = ampScale(
    [...recorded, ...simulated].map((p) => p.rmsA),
    null,
    LEFT,
    width - 10,
  );
  const y = (t: number): number => top + (t / lastS) * (HEIGHT - top - 8);
  const within = (points: readonly Point[]): readonly Point[] => points.filter((p) => p.t <= lastS + 1e-9);
  const path = line<Point>(
    (p) => scale.x(p.rmsA),
    (p) => y(p.t),
  );
  const seconds = Array.from({ length: Math.floor(lastS / 0.5) + 1 }, (_, k) => k / 2);
  const most = recorded.reduce<Point>((a, b) => (b.rmsA > a.rmsA ? b : a), { t: 0, rmsA: 0 });
  return (
    <svg width={width} height={HEIGHT} role="img" aria-label={WAVES.picture(most.rmsA, runningA)} className="block">
      <Uprights at={scale.ticks.map(scale.x)} from={RULE_HEIGHT} to={HEIGHT} stroke="var(--hair)" />
      <Levels at={seconds.map(y)} from={LEFT} to={width - 10} stroke="var(--hair)" />
      {seconds.map((s) => (
        <text key={s} x={LEFT - 10} y={y(s) + 5} textAnchor="end" fontSize="13.5" fill="var(--ink2)">
          {s} s
        </text>
      ))}
      <AmpRule scale={scale} y={0} />
      {simulated.length > 0 && (
        <path d={path(within(simulated)) ?? ""} fill="none" stroke="var(--ink)" strokeWidth="2" strokeDasharray="6 4" />
      )}
      <path d={path(within(recorded)) ?? ""} fill="none" stroke="var(--steel)" strokeWidth="4" strokeLinejoin="round" />
      <Halo
        x={Math.min(scale.x(most.rmsA) - 8, width - 20)}
        y={Math.max(top + 14, y(most.t) + 16)}
        anchor="end"
        fill="var(--steel)"
        weight={700}
      >
        {WAVES.recorded}, {formatAmps(most.rmsA)}
      </Halo>
      {simulated.length > 0 && (
        <Halo x={scale.x(within(simulated).at(-1)?.rmsA ?? 0) + 10} y={HEIGHT - 14}>
          {WAVES.simulated}
        </Halo>
      )}
    </svg>
  );
}
