/** Where the day lies across the picture. */
export interface DayFrame {
  readonly left: number;
  readonly right: number;
  /** Whether names stand beside the rows. */
  readonly beside: boolean;
  readonly x: (step: number) => number;
}

interface DayRowProps extends DayFrame {
  readonly y: number;
  readonly height: number;
  readonly name: string;
  /** What is said of it at its end. */
  readonly note: string | null;
  readonly children: React.ReactNode;
}

/** Letters of a name that fit beside a row. */
const LONGEST = 24;

/** A row of the day's picture with its name beside or above it. */
export function DayRow({ left, right, beside, y, height, name, note, children }: DayRowProps) {
  const short = beside && name.length > LONGEST ? `${name.slice(0, LONGEST - 1)}…` : name;
  const at = beside ? y + 16 : y - 5;
  return (
    <g>
      {children}
      <line x1={left} x2={right} y1={y + height} y2={y + height} stroke="var(--ink)" strokeWidth="1.2" />
      <text x={beside ? left - 10 : 0} y={at} textAnchor={beside ? "end" : "start"} fontSize="14" fontWeight="600" fill="var(--ink)">
        {short}
      </text>
      {note !== null && (
        <text x={beside ? right + 8 : right} y={at} textAnchor={beside ? "start" : "end"} fontSize="14" fontWeight="700" fill="var(--lead)">
          {note}
        </text>
      )}
    </g>
  );
}
