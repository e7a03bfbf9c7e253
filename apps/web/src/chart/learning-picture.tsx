import { formatAmps, formatSeconds } from "@amp-saver/core/quantity";
import { LEARN } from "../words/learn.ts";
import { AmpRule, RULE_HEIGHT } from "./amp-rule.tsx";
import { type AmpScale, ampScale } from "./amp-scale.ts";
import { Halo } from "./halo.tsx";
import { Uprights } from "./strokes.tsx";

/** One expected start. */
interface ExpectedStart {
  /** What the meter shows of it; null where it shows nothing. */
  readonly peakA: number | null;
  readonly startS: number | null;
  readonly tripped: boolean;
}

interface LearningPictureProps {
  readonly width: number;
  /** Runs that were made, with their peaks where one was read. */
  readonly peaksA: readonly (number | null)[];
  readonly starts: readonly ExpectedStart[];
  readonly directA: number | null;
  readonly settledAt: number | null;
}

const ROW = 36;
const BAR = 22;

/** Runs one under the other on one rule: those made solid, with how far each fell, those still expected dashed. */
export function LearningPicture({ width, peaksA, starts, directA, settledAt }: LearningPictureProps) {
  const left = width < 520 ? 62 : 126;
  const read = peaksA.filter((p) => p !== null);
  const most = [...read, ...starts.map((s) => s.peakA ?? 0), directA ?? 0];
  const scale = ampScale(most, null, left, width - 12);
  const rows = Math.max(peaksA.length, starts.length);
  const top = RULE_HEIGHT + 12;
  const directRow = directA === null ? 0 : 1;
  const height = top + ROW * (rows + directRow) + 2;
  const x0 = scale.x(0);
  return (
    <svg width={width} height={height} role="img" aria-label={LEARN.pictureLabel(peaksA.length, rows)} className="block">
      <Uprights at={scale.ticks.map(scale.x)} from={RULE_HEIGHT} to={height} stroke="var(--hair)" />
      <line x1={x0} x2={x0} y1={RULE_HEIGHT} y2={height} stroke="var(--ink)" strokeWidth="1.5" />
      <AmpRule scale={scale} y={0} {...(width >= 520 && { label: LEARN.rule })} />
      {directA !== null && (
        <>
          <RowName x={left - 12} y={top + 15} bold text={LEARN.direct} />
          <rect x={x0} y={top} width={scale.x(directA) - x0} height={BAR} fill="var(--face)" stroke="var(--ink)" strokeWidth="2.4" />
          <text x={x0 + 10} y={top + 16} className="figure" fontSize="15" fill="var(--ink)">
            {formatAmps(directA)}
          </text>
        </>
      )}
      {Array.from({ length: rows }, (_, i) => {
        const y = top + ROW * (i + directRow);
        const peakA = peaksA[i];
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a run has no other name than its number
          <g key={i}>
            <RowName x={left - 12} y={y + 15} bold={i < peaksA.length} text={LEARN.run(i + 1)} />
            {peakA === undefined ? (
              <Expected scale={scale} y={y} start={starts[i]} settled={settledAt === i + 1 && width >= 520} />
            ) : (
              <Made scale={scale} y={y} peakA={peakA} before={peaksA.slice(0, i).findLast((p) => p !== null) ?? null} />
            )}
          </g>
        );
      })}
    </svg>
  );
}

function RowName({ x, y, bold, text }: { readonly x: number; readonly y: number; readonly bold: boolean; readonly text: string }) {
  return (
    <text x={x} y={y} textAnchor="end" fontSize="15" fontWeight={bold ? 700 : 400} fill="var(--ink)">
      {text}
    </text>
  );
}

interface MadeProps {
  readonly scale: AmpScale;
  readonly y: number;
  readonly peakA: number | null;
  readonly before: number | null;
}

function Made({ scale, y, peakA, before }: MadeProps) {
  const x0 = scale.x(0);
  if (peakA === null)
    return (
      <Halo x={x0 + 10} y={y + 16} fill="var(--ink2)">
        {LEARN.noPeak}
      </Halo>
    );
  const end = scale.x(peakA);
  const wide = end - x0 > 80;
  return (
    <>
      <rect x={x0} y={y} width={end - x0} height={BAR} fill="var(--steel)" />
      <text
        x={wide ? x0 + 10 : end + 8}
        y={y + 16}
        className="figure"
        fontSize="15"
        fontWeight="600"
        fill={wide ? "var(--on-steel)" : "var(--steel)"}
      >
        {formatAmps(peakA)}
      </text>
      {before !== null && (
        <Halo x={end + (wide ? 10 : 74)} y={y + 16} fill="var(--ink)">
          {LEARN.fell(1 - peakA / before)}
        </Halo>
      )}
    </>
  );
}

function Expected({
  scale,
  y,
  start,
  settled,
}: {
  readonly scale: AmpScale;
  readonly y: number;
  readonly start: ExpectedStart | undefined;
  readonly settled: boolean;
}) {
  if (start === undefined) return null;
  const x0 = scale.x(0);
  const { peakA } = start;
  return (
    <>
      <rect
        x={x0}
        y={y}
        width={scale.x(peakA ?? 0) - x0}
        height={BAR}
        fill="none"
        stroke="var(--steel)"
        strokeWidth="2.2"
        strokeDasharray="6 4"
      />
      <Halo x={scale.x(peakA ?? 0) + 10} y={y + 16} fill="var(--steel)" weight={700}>
        {peakA === null ? "" : `${formatAmps(peakA)}, `}
        {start.startS === null ? (start.tripped ? LEARN.tripped : LEARN.stalled) : formatSeconds(start.startS)}
        {settled ? `, ${LEARN.settled}` : ""}
      </Halo>
    </>
  );
}
