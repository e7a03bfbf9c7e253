import { keysOf } from "../../quantity/index.ts";

/** Figures that a sheet may limit: what is asked for, and which way is the stricter one; null where the sheet alone decides. */
const LIMIT_KINDS = {
  mostTons: { stricter: "less" },
  leastTons: { stricter: "more" },
  mostV: { stricter: "less" },
  leastV: { stricter: "more" },
  lockedRotorMostA: { stricter: "less" },
  /** Longest that the starter may stay quiet after a call. */
  delayS: { stricter: null },
  runs: { stricter: "more" },
  runS: { stricter: null },
  restS: { stricter: "more" },
  /** Thinnest wire that may lengthen a lead: a smaller number is a thicker wire. */
  extensionAwg: { stricter: "less" },
} as const satisfies Readonly<Record<string, { readonly stricter: "less" | "more" | null }>>;
export type LimitKind = keyof typeof LIMIT_KINDS;
const LIMIT_NAMES = keysOf(LIMIT_KINDS);

/** A figure that a sheet limits, SI, and the line it stands in. */
export interface SheetLimit {
  readonly kind: LimitKind;
  readonly value: number;
  readonly line: number;
}

const NUMBER = "(\\d+(?:\\.\\d+)?)";
const UNIT = "(s|sec|seconds?|min|minutes?|h|hours?)\\b";
const LONG: Readonly<Record<string, number>> = { s: 1, m: 60, h: 3600 };
const seconds = (value: string | undefined, unit: string | undefined): number =>
  Number(value) * (LONG[(unit ?? "s").slice(0, 1).toLowerCase()] ?? 1);

/** How sheets put it: the words, and what of them is which figure. */
const SAYINGS: readonly (readonly [RegExp, (found: RegExpExecArray) => readonly (readonly [LimitKind, number])[]])[] = [
  [
    new RegExp(`${NUMBER}\\s*(?:to|-|–)\\s*${NUMBER}\\s*tons?\\b`, "i"),
    (m) => [
      ["leastTons", Number(m[1])],
      ["mostTons", Number(m[2])],
    ],
  ],
  [
    new RegExp(`(?:up to|max(?:imum)?(?: of)?|not (?:over|above|more than)|no more than)\\s*${NUMBER}\\s*tons?\\b`, "i"),
    (m) => [["mostTons", Number(m[1])]],
  ],
  [
    new RegExp(`${NUMBER}\\s*(?:to|-|–)\\s*${NUMBER}\\s*V(?:AC|olts?)?\\b`, "i"),
    (m) => [
      ["leastV", Number(m[1])],
      ["mostV", Number(m[2])],
    ],
  ],
  [new RegExp(`${NUMBER}\\s*(?:A|amps?)?\\s*(?:LRA|locked[- ]rotor)`, "i"), (m) => [["lockedRotorMostA", Number(m[1])]]],
  [new RegExp(`(?:LRA|locked[- ]rotor(?: amps)?)\\b[^.\\d]{0,30}${NUMBER}`, "i"), (m) => [["lockedRotorMostA", Number(m[1])]]],
  [
    new RegExp(
      `(?:delay|quiet|does not start|before (?:the compressor|it) starts?)[^.\\d]{0,40}${NUMBER}\\s*${UNIT}|(?:up to|as long as)\\s*${NUMBER}\\s*${UNIT}[^.]{0,40}\\b(?:delay|before (?:the compressor|it) starts?)`,
      "i",
    ),
    (m) => [["delayS", seconds(m[1] ?? m[3], m[2] ?? m[4])]],
  ],
  [
    new RegExp(
      `(?:wait|rest|off|pause)[^.\\d]{0,30}${NUMBER}(?:\\s*(?:to|-|–)\\s*${NUMBER})?\\s*${UNIT}[^.]{0,40}\\b(?:between|before (?:the next|each|starting|restarting|it is started)|after each|each time)|(?:rest|off)\\s+(?:for\\s+)?${NUMBER}\\s*${UNIT}`,
      "i",
    ),
    (m) => [["restS", m[4] === undefined ? seconds(m[2] ?? m[1], m[3]) : seconds(m[4], m[5])]],
  ],
  [
    /(?:at least|minimum(?: of)?|a total of)?\s*(\d+)\s*(?:times|starts|learning (?:runs|starts|cycles)|cycles)\b/i,
    (m) => [["runs", Number(m[1])]],
  ],
  [new RegExp(`\\brun\\b[^.\\d]{0,40}${NUMBER}\\s*${UNIT}`, "i"), (m) => [["runS", seconds(m[1], m[2])]]],
  [
    /(?:exten|lengthen|longer)[^.]{0,60}?\b(\d+)\s*AWG|\b(\d+)\s*AWG\b[^.]{0,60}?(?:exten|lengthen|longer)/i,
    (m) => [["extensionAwg", Number(m[1] ?? m[2])]],
  ],
];

/** Every figure that the lines of a sheet limit, one of a kind a line, as printed. */
export function limitsIn(text: string): readonly SheetLimit[] {
  return text.split("\n").flatMap((sentence, line) => {
    const found = new Map<LimitKind, number>();
    for (const [words, figures] of SAYINGS) {
      const hit = words.exec(sentence);
      for (const [kind, value] of hit === null ? [] : figures(hit)) if (Number.isFinite(value) && !found.has(kind)) found.set(kind, value);
    }
    return [...found].map(([kind, value]) => ({ kind, value, line }));
  });
}

/** A limit of the sheet beside what the app would use, and which of them counts. */
export interface LimitBeside extends SheetLimit {
  /** What is used today; null where nothing is. */
  readonly own: number | null;
  readonly wins: "sheet" | "own" | "same";
  readonly use: number;
}

/** The stricter of a sheet's limit and what is used today; where neither is stricter the sheet decides. */
export function stricterOf(limit: SheetLimit, own: number | null): LimitBeside {
  if (own === limit.value) return { ...limit, own, wins: "same", use: own };
  const { stricter } = LIMIT_KINDS[limit.kind];
  const ownWins = own !== null && stricter !== null && (stricter === "less" ? own < limit.value : own > limit.value);
  return { ...limit, own, wins: ownWins ? "own" : "sheet", use: ownWins ? own : limit.value };
}

/** The strictest of several limits of one kind that a sheet gives in several places. */
export function strictest(limits: readonly SheetLimit[]): readonly SheetLimit[] {
  return LIMIT_NAMES.flatMap((kind) => {
    const [first, ...others] = limits.filter((l) => l.kind === kind);
    if (first === undefined) return [];
    return [
      others.reduce(
        (most, one) => (stricterOf(one, most.value).wins === "sheet" && LIMIT_KINDS[kind].stricter !== null ? one : most),
        first,
      ),
    ];
  });
}
