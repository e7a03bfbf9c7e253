import type { Measure } from "@amp-saver/core/figure";
import { formatNumber } from "@amp-saver/core/quantity";
import { awgArea } from "@amp-saver/core/reference";
import type { Crimp } from "@amp-saver/core/study/wire-ends";

/** Newtons of a pound-force. */
const N_PER_LB = 4.448222;

const copper = (awg: number): string => {
  const area = awgArea(awg);
  return formatNumber(area, area < 1 ? 2 : area < 10 ? 1 : 0);
};

/** A wire's gauge as the reader knows it: AWG, or its copper in mm². */
export function wireSize(awg: number, measure: Measure): string {
  if (measure === "si") return `${copper(awg)}\u00a0mm²`;
  return `${awg === 0 ? "1/0" : awg} AWG`;
}

/** From the thinner to the thicker gauge. */
export function wireSizes(thinnest: number, thickest: number, measure: Measure): string {
  return measure === "si" ? `${copper(thinnest)}–${copper(thickest)}\u00a0mm²` : `${thinnest}–${thickest} AWG`;
}

/** What a crimp must hold. */
export function pullForce(newton: number, measure: Measure): string {
  return measure === "si" ? `${formatNumber(newton, 0)}\u00a0N` : `${formatNumber(newton / N_PER_LB, 0)}\u00a0lb`;
}

const TAB: Readonly<Record<Measure, string>> = { us: "¼ in", si: "6.3 mm" };
/** How much insulation comes off for a crimp. */
export const STRIP: Readonly<Record<Measure, string>> = { us: "½ in", si: "13 mm" };

/** What is crimped onto an end. */
export function crimpNames(measure: Measure): Readonly<Record<Crimp, string>> {
  const tab = TAB[measure];
  return {
    tab: `${tab} female push-on`,
    flag: `${tab} flag push-on`,
    piggyback: `${tab} piggyback`,
    ring: "ring for the screw",
    blade: `${tab} male spade, insulated`,
    "as the starter’s sheet says": "as the starter’s sheet says",
  };
}
