import { Halo } from "./halo.tsx";

interface WaitRuleProps {
  readonly width: number;
  readonly label: string;
  readonly bands: readonly { readonly word: string; readonly fromS: number; readonly toS: number }[];
  readonly lateS: number;
  readonly elapsedS: number;
}

const ROW = 30;

/** Waits one after the other down the page on one rule of minutes, a line where the present is, a wall where it is late. */
export function WaitRule({ width, label, bands, lateS, elapsedS }: WaitRuleProps) {
  const end = Math.max(lateS * 1.1, Math.min(elapsedS, lateS * 2));
  const x = (s: number): number => 8 + (Math.min(s, end) / end) * (width - 16);
  const height = ROW * bands.length + 26;
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="block">
      <line x1={x(0)} x2={x(end)} y1={height - 20} y2={height - 20} stroke="var(--ink)" strokeWidth="1.5" />
      {bands.map((band, k) => (
        <g key={band.word}>
          <rect
            x={x(band.fromS)}
            y={ROW * k + 3}
            width={Math.max(3, x(band.toS) - x(band.fromS))}
            height={ROW - 8}
            fill="var(--bench)"
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
          <Halo
            x={x(band.fromS) < width / 2 ? x(band.fromS) + 6 : x(band.toS) - 6}
            y={ROW * k + 18}
            anchor={x(band.fromS) < width / 2 ? "start" : "end"}
            fill="var(--ink)"
          >
            {band.word}
          </Halo>
        </g>
      ))}
      <line x1={x(lateS)} x2={x(lateS)} y1={0} y2={height - 20} stroke="var(--lead)" strokeWidth="3" />
      <line x1={x(elapsedS)} x2={x(elapsedS)} y1={0} y2={height - 14} stroke="var(--ink)" strokeWidth="2.4" />
      <text x={x(0)} y={height - 4} fontSize="13.5" fill="var(--ink2)">
        0
      </text>
      <text x={x(lateS)} y={height - 4} fontSize="13.5" textAnchor="end" fill="var(--lead)">
        {Math.round(lateS / 60)} min
      </text>
    </svg>
  );
}
