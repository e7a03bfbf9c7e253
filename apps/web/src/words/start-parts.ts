import { formatNumber } from "@amp-saver/core/quantity";
import type { PartVerdict, StartPart } from "@amp-saver/core/study/start-parts";

export const PARTS = {
  title: "Test the start parts",
  help: "Dead, bled and cold, one wire off each part. Measure before you buy new ones. A soft starter replaces them all.",
  names: {
    ptc: "PTC",
    "relay-contact": "Start relay 1 to 2",
    "relay-coil": "Start relay 2 to 5",
    "start-capacitor": "Start capacitor",
    "run-capacitor": "Run capacitor",
  } satisfies Readonly<Record<StartPart, string>>,
  open: (name: string): string => `${name}: no path`,
  band: (least: string, most: string, unit: string): string => `A good one shows ${least} to ${most} ${unit}.`,
  noPrint: "Enter what is printed on it in Survey, then it can be judged.",
  bad: (name: string, most: number, unit: string): string => `${name} must be a number from 0 to ${formatNumber(most, 0)} ${unit}.`,
  verdict: {
    good: "It is good.",
    open: "It is open: it helps no start. Replace it or fit a starter.",
    short: "It reads too little: shorted, or a wire is still on.",
    low: "It has lost capacitance: it helps too little.",
    high: "It reads too much: worn contact, a hot part or another print.",
    "no-print": "Not known without its print.",
  } satisfies Readonly<Record<PartVerdict, string>>,
  source: "Common practice, no source. Its maker’s sheet comes first.",
} as const;
