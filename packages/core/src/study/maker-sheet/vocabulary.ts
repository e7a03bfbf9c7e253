import { COLOR_TEXT } from "./color.ts";
import type { SheetAct, SheetPlace } from "./step.ts";

const CAP = "(?:(?:dual|run|main|ac|motor)\\s+)*cap(?:acitor)?(?:'s)?";
const TERMINAL = "(?:terminals?|tabs?|side|posts?|pins?|spades?|stud|connection)";
const OF = "(?:of|on|at)\\s+(?:the\\s+|your\\s+)?";
const the = (name: string): string => `(?:the\\s+)?${name}`;

/** A name on a part: "C terminal of the cap", "cap C". */
const on = (name: string, part: string): string =>
  `${the(name)}(?:\\s+${TERMINAL})?\\s+${OF}${part}|${part}(?:\\s+${TERMINAL})?\\s+${name}\\b(?:\\s+${TERMINAL})?`;

const COMPRESSOR = "compressor(?:'s)?";
const CONTACTOR = "contactor(?:'s)?";
const anywhere = (name: string, part: string): string => `${on(name, part)}|\\b${name}\\b(?:\\s+${TERMINAL})?`;

/** How a sheet may name a place, the longer names first where one holds another; common practice, no source. */
export const PLACE_WORDS: readonly (readonly [SheetPlace, string])[] = [
  ["start-capacitor", "start(?:ing)?\\s+cap(?:acitor)?s?"],
  ["ptc", "\\bptcr?\\b|thermistor|solid[- ]state\\s+relay"],
  ["start-relay", "(?:potential|start(?:ing)?)\\s+relay"],
  ["hard-start", "hard[- ]?start(?:er)?(?:\\s+kit)?"],
  ["cap-herm", anywhere("herm(?:etic)?", CAP)],
  ["cap-fan", `${on("fan", CAP)}|\\bfan\\s+${TERMINAL}`],
  ["cap-c", on("(?:c|com|common)", CAP)],
  ["compressor-c", on("(?:c|common)", COMPRESSOR)],
  ["compressor-r", on("(?:r|run)", COMPRESSOR)],
  ["compressor-s", on("(?:s|start)", COMPRESSOR)],
  ["contactor-l1", anywhere("l1", CONTACTOR)],
  ["contactor-t1", anywhere("t1", CONTACTOR)],
  ["contactor-l2", anywhere("l2", CONTACTOR)],
  ["contactor-t2", anywhere("t2", CONTACTOR)],
  ["contactor-coil", anywhere("a[12]", CONTACTOR)],
  ["overload", "overload(?:\\s+protector)?"],
  ["plug", "(?:harness|compressor|wire|quick[- ])\\s*(?:plug|connector)"],
  ["board", "(?:control|circuit|pc|freeze)\\s+board|\\bboard\\b|(?:thermostat|compressor|control)\\s+relay|\\brelay\\b"],
  ["fan", "(?:fan|blower)\\s+motor"],
];

/** A terminal named by its letter alone: whose it is must be told by the rest of the sentence. */
export const LONE_LETTER = `\\b(c|r|s|common)\\s+${TERMINAL}`;
export const SAYS_CAP = /\bcap(?:acitor)?\b/i;
export const SAYS_COMPRESSOR = /\bcompressor\b/i;

/** A wire: a color, whose it is, what it is for, and the noun; at least the color or the use must be there. */
export const WIRE_TEXT = `(?:(?<color>${COLOR_TEXT})\\s*)?(?<whose>(?:soft\\s+)?starter(?:'s)?|module(?:'s)?|factory|original|oem|unit(?:'s)?)?\\s*(?<use>run|start|common|fan)?\\s*(?<noun>wires?|leads?|conductors?|cables?)`;
/** A wire told by nothing but where it is or leads. */
export const PLACED_WIRE =
  "(?<!\\b(?:this|that|loose|free|removed|disconnected)\\s)\\b(?:wires?|conductors?|cables?)(?=\\s+(?:(?:that|which)\\s+)?(?:goes|go|going|leads|leading|runs|running|feeds|feeding|at|on|from|off)\\b)";
export const BARE_COLOR = `\\b(?<color>${COLOR_TEXT})\\b`;
/** What it is for tells where it leads. */
export const USE_TOWARD: Readonly<Record<string, SheetPlace>> = {
  run: "compressor-r",
  start: "compressor-s",
  common: "compressor-c",
  fan: "fan",
};

/** What tells the acts, first that fits. */
export const ACT_WORDS: readonly (readonly [SheetAct, RegExp])[] = [
  [
    "isolate",
    /\b(?:turn|switch|shut)\b.*\boff\b|\bdisconnect\s+(?:all\s+)?(?:the\s+)?(?:power|supply)|\bdischarge\b|\b(?:no|zero|absence of)\s+volt/i,
  ],
  ["look", /^\s*(?:photograph|take\s+(?:a\s+)?(?:photo|picture)|verify|check|inspect|confirm|make\s+sure|ensure|note|tug|label)\b/i],
  ["cap", /\b(?:insulate|cap\s+off|cap\s+and|tape\s+(?:off|up))\b|\bend\s+caps?\b/i],
  ["join", /\b(?:splice|join|tie|butt)\b|\bcrimp\b.*\btogether\b/i],
  ["cut", /\b(?:cut|snip|sever)\b/i],
  ["move", /\b(?:move|relocate|transfer)\b/i],
  ["lift", /\b(?:remove|disconnect|lift|unplug|pull|detach|unscrew|separate|uninstall|unbolt|discard)\b|\btake\b.*\b(?:off|out)\b/i],
  ["mount", /\b(?:mount|secure|fasten|dry\s+fit)\b|\b(?:install|stick)\b(?!.*\b(?:leads?|wires?)\b)/i],
  ["land", /\b(?:connect|attach|plug|push|put|place|land|install|insert|fit|wire|slide|screw|route)\b/i],
  ["learn", /\b(?:run|start|cycle|repeat|restart)\b|\blearn/i],
];

/** What a sheet forbids, or leaves as it is. */
export const FORBIDS = /\b(?:do\s+not|don[’']t|never|must\s+not|should\s+not|without|leave)\b/i;

/** Words that begin a further act inside a sentence. */
export const NEW_ACT =
  /(?:,\s*|\s+)(?:and\s+then|and|then)\s+(?=(?:remove|disconnect|lift|unplug|pull|detach|connect|attach|plug|push|put|place|land|insert|splice|join|cut|move|insulate|tape|cap off|discharge|mount|secure|wait|run)\b)/i;

/** What stands before a mention, and what that makes of it. */
export const BEFORE = {
  toward: /\b(?:(?:that|which)\s+)?(?:goes|go|going|leads|leading|runs|running|feeds|feeding)\s+(?:to|into)?\s*(?:the\s+)?$/i,
  from: /\b(?:from|off|off of)\s+(?:the\s+|your\s+)?$/i,
  to: /\b(?:to|onto|on|into|in|at|with|near)\s+(?:the\s+|your\s+)?$/i,
};

/** Back at the terminal that was just freed, and the wire last spoken of. */
export const SAME_PLACE =
  /\b(?:in\s+its\s+place|where\s+(?:it|that\s+wire|the\s+\S+(?:\s+\S+)?\s+wire)\s+was|(?:same|vacated|freed|now\s+free)\s+(?:terminal|tab|spade|post))\b/i;
export const SAME_WIRE = /\b(?:it|this\s+wire|that\s+wire|the\s+(?:loose|free|removed|disconnected)\s+(?:wire|end))\b/i;
