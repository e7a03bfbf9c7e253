import { formatNumber } from "@amp-saver/core/quantity";
import { judgePart, type PartVerdict, partBand, type StartPart } from "@amp-saver/core/study/start-parts";
import type { AirConditioner, Wiring } from "@amp-saver/records";

/** What is tested of each kind of start aid. */
const TESTED: Readonly<Record<Wiring["switches"]["aid"], readonly StartPart[]>> = {
  none: [],
  "start-capacitor": ["start-capacitor"],
  "start-capacitor-ptc": ["start-capacitor", "ptc"],
  "start-capacitor-relay": ["start-capacitor", "relay-contact", "relay-coil"],
  "hard-start": ["start-capacitor"],
};
const MICRO = 1e6;
/** Most that is believed of what is typed. */
const MOST = { ohm: 1_000_000, µF: 2000 } as const;

/** One start part as it is tested. */
export interface TestedPart {
  readonly part: StartPart;
  readonly unit: "ohm" | "µF";
  readonly most: number;
  /** What one of its unit is, in ohm or farad. */
  readonly scale: number;
  /** What was read, in its unit; null where nothing was. */
  readonly shown: number | null;
  readonly open: boolean;
  /** What a good one shows, in its unit; null where its print is not known. */
  readonly band: readonly [string, string] | null;
  readonly verdict: PartVerdict | null;
}

/** The start parts of a unit on the meter, and what they show. */
export function testedParts({ switches, parts, printed }: Wiring, unit: AirConditioner): readonly TestedPart[] {
  const printedF = printed.startcap?.farad ?? unit.startAidF?.value ?? null;
  const share = unit.startAidF?.tolerance ?? null;
  return TESTED[switches.aid].map((part) => {
    const kept = parts[part] ?? null;
    const [scale, of] = part === "start-capacitor" ? ([1 / MICRO, "µF"] as const) : ([1, "ohm"] as const);
    const band = partBand(part, printedF, share);
    const text = (value: number): string => formatNumber(value / scale, value / scale < 10 ? 1 : 0);
    return {
      part,
      unit: of,
      most: MOST[of],
      scale,
      shown: typeof kept === "number" ? Math.round((kept / scale) * 1000) / 1000 : null,
      open: kept === "open",
      band: band === null ? null : [text(band.least), text(band.most)],
      verdict: kept === null ? null : judgePart(part, kept, printedF, share),
    };
  });
}
