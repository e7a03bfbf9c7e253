import { START_PART_PARAMS as P } from "./params.ts";

/** Parts that help a motor start, as they are tested. */
export const START_PARTS = ["ptc", "relay-contact", "relay-coil", "start-capacitor", "run-capacitor"] as const;
export type StartPart = (typeof START_PARTS)[number];

/** What a meter shows on one: ohms or farads, or no path at all. */
export type PartReading = number | "open";

/** What it should show; farads need what is printed on the part. */
interface PartBand {
  readonly least: number;
  readonly most: number;
  readonly unit: "ohm" | "F";
}

export type PartVerdict = "good" | "open" | "short" | "low" | "high" | "no-print";

/** The band a good part shows, by the tolerance on its print where that is known (a share); null for a capacitor whose print is not known. Common practice, no source. */
export function partBand(part: StartPart, printedF: number | null, printedShare: number | null = null): PartBand | null {
  switch (part) {
    case "ptc":
      return { least: P.ptcLeastOhm.value, most: P.ptcMostOhm.value, unit: "ohm" };
    case "relay-contact":
      return { least: 0, most: P.contactMostOhm.value, unit: "ohm" };
    case "relay-coil":
      return { least: P.coilLeastOhm.value, most: P.coilMostOhm.value, unit: "ohm" };
    default: {
      if (printedF === null) return null;
      const usual = part === "start-capacitor" ? [P.startLow.value, P.startHigh.value] : [P.runBand.value, P.runBand.value];
      const [low = 0, high = 0] = printedShare === null ? usual : [printedShare, printedShare];
      return { least: printedF * (1 - low), most: printedF * (1 + high), unit: "F" };
    }
  }
}

/** Whether a part is good, measured dead, bled, cold and with its wires off; and how it is not. */
export function judgePart(part: StartPart, reading: PartReading, printedF: number | null, printedShare: number | null = null): PartVerdict {
  const band = partBand(part, printedF, printedShare);
  if (band === null) return "no-print";
  if (reading === "open") return "open";
  if (reading < band.least) return band.unit === "ohm" ? "short" : "low";
  return reading > band.most ? "high" : "good";
}
