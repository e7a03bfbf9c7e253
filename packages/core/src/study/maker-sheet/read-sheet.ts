import { fail, ok, type Result } from "../../quantity/index.ts";
import { limitsIn } from "./limits.ts";
import { isAidPlace, type SheetAct, type SheetDoubt, type SheetPlace, type SheetSentence, type SheetStep, type SheetWire } from "./step.ts";
import {
  ACT_WORDS,
  BARE_COLOR,
  BEFORE,
  FORBIDS,
  LONE_LETTER,
  NEW_ACT,
  PLACE_WORDS,
  PLACED_WIRE,
  SAME_PLACE,
  SAME_WIRE,
  SAYS_CAP,
  SAYS_COMPRESSOR,
  USE_TOWARD,
  WIRE_TEXT,
} from "./vocabulary.ts";

/** Longest sheet that is read, letters. */
export const SHEET_MOST = 6000;

/** Letters by which a sentence is known again. */
const KEY_LETTERS = 300;

/** Under which what a person says of a sentence is kept. */
export const meaningKey = (sentence: string): string => sentence.slice(0, KEY_LETTERS);

/** What earlier sentences left behind: the wire last spoken of and the place last freed. */
interface Context {
  readonly wire: SheetWire | null;
  readonly freed: SheetPlace | null;
}

/**
 * Reads a maker's sheet: one line after another, each split into sentences and acts. `leads` are the names of the
 * starter's leads; `means` holds what a person says a sentence means, by its text.
 */
export function readSheet(
  text: string,
  leads: readonly string[],
  means: Readonly<Record<string, SheetStep>> = {},
): readonly SheetSentence[] {
  let context: Context = { wire: null, freed: null };
  return linesOf(text).flatMap(({ text: line, n }) =>
    sentencesOf(line).flatMap((sentence): readonly SheetSentence[] => {
      const told = means[meaningKey(sentence)];
      const read = told === undefined ? stepsOf(sentence, leads, context) : ok([told]);
      if (!read.ok) return [{ line: n, text: sentence, step: null, doubt: read.reason }];
      for (const { wire, act, from } of read.value)
        context = { wire: wire ?? context.wire, freed: (act === "lift" || act === "move" ? from : null) ?? context.freed };
      return read.value.map((step) => ({ line: n, text: sentence, step, doubt: null }));
    }),
  );
}

/** Lines of a sheet; one that goes on in small letters what the line before did not end belongs to it. */
function linesOf(text: string): readonly { readonly text: string; readonly n: number }[] {
  const lines: { text: string; n: number }[] = [];
  for (const [n, line] of text.split("\n").entries()) {
    const last = lines.at(-1);
    if (last !== undefined && /^\s*[a-z]/.test(line) && /[\w,]\s*$/.test(last.text)) last.text = `${last.text.trimEnd()} ${line.trim()}`;
    else lines.push({ text: line, n });
  }
  return lines;
}

/** A line without its number, in sentences with one act each. */
function sentencesOf(line: string): readonly string[] {
  return line
    .replace(/^\s*(?:step\s*)?(?:\d+\s*[.):]|[-•*])\s*/i, "")
    .split(/[.;](?:\s+|$)/)
    .flatMap((sentence) => sentence.split(new RegExp(NEW_ACT, "gi")))
    .map((sentence) => sentence.trim())
    .filter((sentence) => /[a-z]{2}/i.test(sentence));
}

type Mention = { readonly at: number; readonly end: number } & (
  | { readonly kind: "place"; readonly place: SheetPlace }
  | { readonly kind: "wire"; readonly wire: SheetWire }
  | { readonly kind: "unclear" }
);

function stepsOf(text: string, leads: readonly string[], context: Context): Result<readonly SheetStep[], SheetDoubt> {
  const act = actOf(text);
  const bare: SheetStep = { act: act ?? "other", wire: null, from: null, to: null, with: null };
  if (FORBIDS.test(text)) return mentionsOf(text, leads).length > 0 ? fail("forbids", text) : ok([{ ...bare, act: "look" }]);
  if (act === null) return limitsIn(text).length > 0 ? ok([bare]) : fail("no-act", text);
  if (act === "mount" || act === "isolate" || act === "learn" || act === "look" || act === "other") return ok([bare]);
  const mentions = mentionsOf(text, leads);
  if (mentions.some((m) => m.kind === "unclear")) return fail("which-c", text);
  const wires = mentions.filter((m) => m.kind === "wire");
  const aids = mentions.flatMap((m) => (m.kind === "place" && isAidPlace(m.place) ? [m.place] : []));
  if ((act === "lift" || act === "cap") && wires.length === 0 && aids.length > 0)
    return ok([...new Set(aids)].map((from) => ({ ...bare, act: "remove", from })));
  return assigned(text, mentions, bare, context);
}

function actOf(text: string): SheetAct | null {
  return ACT_WORDS.find(([, words]) => words.test(text))?.[0] ?? null;
}

/** Each mention by what stands before it: the wire, the place it comes from, the place it goes to, the other wire. */
function assigned(text: string, mentions: readonly Mention[], bare: SheetStep, context: Context): Result<readonly SheetStep[], SheetDoubt> {
  let { wire, from, to, with: other } = bare;
  let last: "wire" | "with" | null = null;
  let end = 0;
  for (const mention of mentions) {
    const before = text.slice(end, mention.at);
    end = mention.end;
    if (mention.kind === "unclear") continue;
    if (mention.kind === "wire") {
      if (wire === null && !(SAME_WIRE.test(before) && context.wire !== null)) [wire, last] = [mention.wire, "wire"];
      else {
        wire ??= context.wire;
        [other, last] = [mention.wire, "with"];
      }
      continue;
    }
    const { place } = mention;
    if (BEFORE.toward.test(before) && last !== null) {
      if (last === "wire") wire = wire === null ? null : { ...wire, toward: place };
      else other = other === null ? null : { ...other, toward: place };
    } else if (BEFORE.from.test(before) || bare.act === "lift" || bare.act === "cut") from ??= place;
    else to ??= place;
  }
  if (wire === null && SAME_WIRE.test(text)) wire = context.wire;
  if (to === null && SAME_PLACE.test(text)) to = context.freed;
  return settled({ ...bare, wire, from, to, with: other });
}

/** What an act must name to be laid beside a plan; a landing on a wire is a joint. */
function settled(step: SheetStep): Result<readonly SheetStep[], SheetDoubt> {
  const { act, wire, from, to, with: other } = step;
  if (wire === null) return fail("no-wire", "");
  if (act === "land" && to === null && other !== null) return ok([{ ...step, act: "join" }]);
  if ((act === "land" || act === "move") && to === null && other === null) return fail("no-place", "");
  if (act === "join" && other === null)
    return to === null && from === null ? fail("no-wire", "") : ok([{ ...step, act: "land", to: to ?? from, from: null }]);
  return ok([step]);
}

/** Everything a sentence names, from left to right, the longer of two that overlap. */
function mentionsOf(text: string, leads: readonly string[]): readonly Mention[] {
  const found: Mention[] = [];
  const add = (mention: Mention): void => {
    if (!found.some((f) => f.at < mention.end && mention.at < f.end)) found.push(mention);
  };
  for (const [place, words] of PLACE_WORDS)
    for (const hit of hits(text, words)) add({ kind: "place", place, at: hit.index, end: hit.index + hit[0].length });
  for (const hit of hits(text, WIRE_TEXT)) {
    const wire = wireOf(hit, leads);
    if (wire !== null) add({ kind: "wire", wire, at: hit.index, end: hit.index + hit[0].length });
  }
  for (const hit of hits(text, LONE_LETTER)) add(lone(hit, text));
  if (leads.length > 0)
    for (const hit of text.matchAll(
      new RegExp(`(?<![\\w-])(?:${leads.toSorted((a, b) => b.length - a.length).join("|")})(?![\\w-])(?:\\s+(?:lead|terminal))?`, "g"),
    ))
      add({
        kind: "wire",
        wire: { color: null, lead: hit[0].replace(/\s.*/, ""), toward: null, starters: true },
        at: hit.index,
        end: hit.index + hit[0].length,
      });
  for (const hit of hits(text, PLACED_WIRE))
    add({ kind: "wire", wire: { color: null, lead: null, toward: null, starters: false }, at: hit.index, end: hit.index + hit[0].length });
  for (const hit of hits(text, BARE_COLOR))
    add({
      kind: "wire",
      wire: { color: hit[0].toLowerCase(), lead: null, toward: null, starters: null },
      at: hit.index,
      end: hit.index + hit[0].length,
    });
  return found.toSorted((a, b) => a.at - b.at);
}

const hits = (text: string, words: string): IterableIterator<RegExpExecArray> => text.matchAll(new RegExp(words, "gi"));

function wireOf({ groups }: RegExpExecArray, leads: readonly string[]): SheetWire | null {
  const [color, use, whose, noun] = [
    groups?.color?.toLowerCase() ?? null,
    groups?.use,
    groups?.whose?.toLowerCase(),
    groups?.noun?.toLowerCase() ?? "",
  ];
  if (color === null && use === undefined) return null;
  const starters = whose !== undefined ? /starter|module/.test(whose) : noun.startsWith("lead") ? true : null;
  const lead = starters === true && color === null && use !== undefined ? (leads.find((name) => name === use.toUpperCase()) ?? null) : null;
  return { color, lead, toward: lead === null && use !== undefined ? (USE_TOWARD[use.toLowerCase()] ?? null) : null, starters };
}

/** A lone letter belongs to the compressor or to the capacitor, whichever the sentence names; R and S can only be the compressor's. */
function lone(hit: RegExpExecArray, text: string): Mention {
  const span = { at: hit.index, end: hit.index + hit[0].length };
  const letter = (hit[1] ?? "").toLowerCase();
  if (letter === "r" || letter === "s") return { kind: "place", place: letter === "r" ? "compressor-r" : "compressor-s", ...span };
  const [cap, compressor] = [SAYS_CAP.test(text), SAYS_COMPRESSOR.test(text)];
  if (cap === compressor) return { kind: "unclear", ...span };
  return { kind: "place", place: cap ? "cap-c" : "compressor-c", ...span };
}
