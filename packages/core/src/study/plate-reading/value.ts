import type { NumberToken } from "./token.ts";
import { keysOf, type PlateFigure, type PlateRow } from "./vocabulary.ts";

/** What was mended in a text to make a figure of it. */
export type Mended = "letters" | "comma" | "point";

/** A figure that a printed number may mean, SI. */
export interface Meaning {
  readonly value: number;
  readonly mended: readonly Mended[];
  /** The lower of two volts, the second section of a capacitor. */
  readonly beside?: number;
}

const fits = ({ min, max, only }: PlateRow, value: number): boolean =>
  only === undefined ? value >= min * (1 - 1e-9) && value <= max * (1 + 1e-9) : only.some((one) => Math.abs(one - value) < 1e-9);

interface Numbered {
  readonly number: number;
  readonly mended: readonly Mended[];
}

/** What a number's text may be: as it stands, a comma as the thousands' mark or as the point, a point that was not read. */
function numbersOf(text: string, decimals: boolean): readonly Numbered[] {
  if (/^\d{1,3}(,\d{3})+$/.test(text)) return [{ number: Number(text.replaceAll(",", "")), mended: [] }];
  if (/^\d{1,3}(\.\d{3})+$/.test(text) && Number(text) < 200)
    return [
      { number: Number(text), mended: [] },
      { number: Number(text.replaceAll(".", "")), mended: ["comma"] },
    ];
  if (/^\d+,\d{1,2}$/.test(text)) return [{ number: Number(text.replace(",", ".")), mended: ["comma"] }];
  if (!/^\d*\.?\d+$/.test(text)) return [];
  const plain: Numbered = { number: Number(text), mended: [] };
  if (!decimals || text.includes(".") || text.length < 2) return [plain];
  const moved: Numbered = { number: Number(text) / 10, mended: ["point"] };
  return text.startsWith("0") ? [moved] : [plain, moved];
}

/** What a number may mean as a figure, likeliest first; empty where it can hardly be one. */
export function meaningsOf(figure: PlateFigure, row: PlateRow, token: NumberToken): readonly Meaning[] {
  const unit = Object.entries(row.units).find(([name]) => keysOf(name).includes(token.unit))?.[1];
  if (unit === undefined) return [];
  // A point at the end has lost what stood behind it.
  const mendedBefore: readonly Mended[] = [
    ...(token.letters ? (["letters"] as const) : []),
    ...(/\d[.,]$/.test(token.digits) ? (["point"] as const) : []),
  ];
  const bare = token.digits
    .replaceAll(/[±+]/g, "")
    .replace(/[.,/-]+$/, "")
    .replace(/^[,/-]+/, "");
  if (figure === "madeYear") {
    const year = Number(bare.split(/[/.-]/).find((part) => /^(19|20)\d\d$/.test(part)));
    return year >= row.min && year <= row.max ? [{ value: year, mended: mendedBefore }] : [];
  }
  const parts = bare.split(/[/-]/);
  const whole = parts.map((part) => numbersOf(part, row.decimals === 1 || figure === "lockedRotorA"));
  const meaning = (part: number): readonly Meaning[] =>
    (whole[part] ?? [])
      .map(({ number, mended }) => ({ value: number * unit, mended: [...mendedBefore, ...mended] }))
      .filter(({ value }) => fits(row, value));
  if (parts.length === 1) return meaning(0);
  if (parts.length > 2) return [];
  // 208/230 and 50/60: the second is what it is called by; 45/5: the first is the compressor's.
  const called = figure === "runCapacitorF" ? 0 : 1;
  const [other] = whole[1 - called] ?? [];
  return meaning(called).map((one) => (other === undefined ? one : { ...one, beside: other.number * unit }));
}
