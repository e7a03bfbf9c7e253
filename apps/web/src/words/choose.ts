import { formatAmps, formatNumber } from "@amp-saver/core/quantity";
import type { Part } from "./check.ts";

/** Every remedy, what it costs besides money, and what it does not do. */
export const REMEDY_WORDS: Readonly<Record<string, { readonly name: string; readonly gives: string }>> = {
  "as-is": { name: "As it is", gives: "nothing to do" },
  shed: { name: "Other loads off", gives: "what is switched off while it starts and runs" },
  hard: { name: "Hard start kit", gives: "more torque, a shorter start; the peak stays. Never beside a soft starter" },
  soft: { name: "Soft starter, learned", gives: "an hour’s work and learning; running amps and running cost stay as they are" },
  "soft-shed": { name: "Soft starter, other loads off", gives: "the same, and what is switched off" },
  "other-source": { name: "Another source", gives: "being where it is" },
  parallel: { name: "A second set in parallel", gives: "weight and noise twice; only sets made for it" },
  bigger: { name: "A bigger generator", gives: "weight, noise, fuel" },
  "bigger-soft": { name: "Bigger generator and soft starter", gives: "both" },
};

/** What to do, in one sentence. */
export function chooseSentence(
  best: { readonly code: string; readonly name: string; readonly usd: number; readonly fits: boolean } | null,
): readonly Part[] {
  if (best === null) return [{ text: "None of these holds on this source: " }, { text: "another source is needed.", decides: true }];
  if (best.code === "as-is") return [{ text: "Nothing is needed: " }, { text: "it starts and keeps running as it is.", decides: true }];
  const price = best.usd === 0 ? "costs nothing" : `about ${formatNumber(best.usd, 0)} dollars`;
  return [{ text: `${best.name}: ${price}, and ` }, { text: best.fits ? "it fits." : "it just fits.", decides: true }];
}

export const CHOOSE = {
  question: (source: string | null): string =>
    source === null
      ? "What is the cheapest honest way to make it start?"
      : `What is the cheapest honest way to make it start on ${source}?`,
  sure: "Each simulated on this source, at this heat and height, with these loads. Prices are what people of the trade say, in US dollars; a technician’s visit is 150 to 200 more.",
  never:
    "A larger breaker or a thicker wire is never a remedy: the breaker protects the wire. A soft starter does not lower the cost of running.",
  heads: { remedy: "Remedy", fit: "Fit", start: "Start", run: "Run", usd: "Dollars", gives: "It costs besides" },
  best: "take this",
  spare: (a: number | null): string => (a === null ? "no limit" : a > 0 ? formatAmps(a) : `${formatAmps(-a)} over`),
  noStart: "does not start",
  open: "Open in Check",
  openOf: (name: string): string => `Open in Check: ${name}`,
  leans: "leans on it",
} as const;
