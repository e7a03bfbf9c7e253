import { line } from "d3-shape";
import { type DayFrame, DayRow } from "./day-row.tsx";

interface DayBankProps extends DayFrame {
  readonly charge: readonly number[];
  readonly leastCharge: number;
  readonly name: string;
  readonly y: number;
  readonly height: number;
}

/** Charge of the bank through the day, and the part of it that is kept. */
export function DayBank(props: DayBankProps) {
  const { charge, leastCharge, name, x, y, height, left, right, beside } = props;
  const cy = (share: number): number => y + height - height * share;
  const path = line<number>(
    (_, k) => x(k + 1),
    (share) => cy(share),
  )(charge);
  return (
    <DayRow {...props} name={name} note={null}>
      <rect x={left} y={cy(leastCharge)} width={right - left} height={height * leastCharge} fill="url(#hatch-lead)" />
      <line x1={left} x2={right} y1={cy(leastCharge)} y2={cy(leastCharge)} stroke="var(--lead)" strokeWidth="2.4" />
      {path !== null && <path d={path} fill="none" stroke="var(--steel)" strokeWidth="4" strokeLinejoin="round" />}
      {["100 %", "0 %"].map((text, k) => (
        <text
          key={text}
          x={beside ? right + 8 : left - 6}
          y={k === 0 ? y + 11 : y + height - 1}
          textAnchor={beside ? "start" : "end"}
          fontSize={beside ? 13 : 11}
          fill="var(--ink2)"
        >
          {text}
        </text>
      ))}
    </DayRow>
  );
}
