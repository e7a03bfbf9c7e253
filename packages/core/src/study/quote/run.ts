import { QUOTE_PARAMS, type QuotePrices } from "./params.ts";

/** Minutes as they may turn out. */
export interface MinuteSpan {
  readonly quick: number;
  readonly usual: number;
  readonly slow: number;
}

/** What is to be done, and at which prices. */
export interface QuoteInput {
  /** Units that are fitted on one visit, one starter each; one where nothing is said. */
  readonly units?: number;
  readonly starterUsd: number;
  readonly terminals: number;
  readonly splices: number;
  /** The steps of the wiring plan. */
  readonly wiringMin: MinuteSpan;
  /** Learning runs with their rests. */
  readonly learningMin: number;
  readonly prices: QuotePrices;
}

/** A part that is paid for; money in whole cents. */
interface PartLine {
  readonly code: "starter" | "terminals" | "splices" | "sundries";
  readonly count: number;
  readonly eachCents: number;
  readonly cents: number;
}

/** A piece of work that is paid for by the hour. */
interface WorkLine {
  readonly code: "wiring" | "around" | "learning" | "readings" | "travel";
  readonly minutes: MinuteSpan;
}

/** What it comes to as it may turn out, in whole cents. */
interface Total {
  readonly minutes: number;
  readonly workCents: number;
  readonly taxCents: number;
  readonly cents: number;
}

export interface Quote {
  readonly parts: readonly PartLine[];
  readonly work: readonly WorkLine[];
  readonly partsCents: number;
  readonly quick: Total;
  readonly usual: Total;
  readonly slow: Total;
}

const cents = (usd: number): number => Math.round(usd * 100);
const same = (minutes: number): MinuteSpan => ({ quick: minutes, usual: minutes, slow: minutes });

/** The usual minutes of the wiring with how quick and how slow it may go, where one's own log says nothing. */
export function spanOf(usual: number): MinuteSpan {
  return { quick: usual * QUOTE_PARAMS.quickShare.value, usual, slow: usual * QUOTE_PARAMS.slowShare.value };
}

/** What a visit comes to, the way there once for all its units: each line rounded to the cent, totals the sums of the lines, so that a sheet adds up by hand. */
export function studyQuote({ units = 1, starterUsd, terminals, splices, wiringMin, learningMin, prices }: QuoteInput): Quote {
  const part = (code: PartLine["code"], count: number, usd: number): PartLine => ({
    code,
    count,
    eachCents: cents(usd),
    cents: count * cents(usd),
  });
  const parts = [
    part("starter", units, starterUsd),
    part("terminals", terminals, prices.terminalUsd),
    part("splices", splices, prices.spliceUsd),
    part("sundries", units, prices.sundriesUsd),
  ].filter((line) => line.count > 0);
  const work: WorkLine[] = [
    { code: "wiring" as const, minutes: wiringMin },
    { code: "around" as const, minutes: same(units * prices.aroundMin) },
    { code: "learning" as const, minutes: same(learningMin) },
    { code: "readings" as const, minutes: same(units * prices.proveMin) },
    { code: "travel" as const, minutes: same(prices.travelMin) },
  ].filter((line) => line.minutes.slow > 0);
  const partsCents = parts.reduce((sum, line) => sum + line.cents, 0);
  const total = (which: keyof MinuteSpan): Total => {
    const minutes = Math.round(work.reduce((sum, line) => sum + line.minutes[which], 0));
    const workCents = Math.round((minutes * cents(prices.hourUsd)) / 60);
    const taxCents = Math.round(((partsCents + workCents) * prices.taxPercent) / 100);
    return { minutes, workCents, taxCents, cents: partsCents + workCents + taxCents };
  };
  return { parts, work, partsCents, quick: total("quick"), usual: total("usual"), slow: total("slow") };
}
