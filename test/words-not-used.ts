/** Words that are not said to anyone, each with what is said instead. A figure is a text of the interface, not of the code. */
const WORDS_NOT_USED: readonly { readonly not: RegExp; readonly say: string }[] = [
  { not: /\bhook-?ups?\b/i, say: "shore power, or circuit for a house" },
  { not: /\bconventional\b|\bsecond set\b|\bsets made for it\b/i, say: "open-frame generator, second generator" },
  { not: /\bbattery inverters?\b/i, say: "inverter" },
  { not: /\basks? [\d.]+ ?A\b|\basked at once\b/i, say: "starting amps, needed" },
  { not: /\blets? go\b|\blet go\b/i, say: "shuts off, breaker trips, gives up" },
  { not: /\bfolds? back\b|\bleans? on\b/i, say: "sags to, drags the source down" },
  { not: /\bheadroom\b|\bmargin\b/i, say: "to spare" },
  { not: /\btoo much at once\b|\bnot given\b/i, say: "short, not all at once" },
  { not: /\bheld in\b|\btrial runs?\b/i, say: "works in N of 100 tries" },
  { not: /\btaken as typical\b/i, say: "assumed" },
  { not: /\blaid over\b/i, say: "compare with" },
  { not: /\bcan (C|HERM|FAN)\b|\bthe can\b|^Can$/, say: "run cap; cap C, cap HERM, cap FAN" },
  { not: /\bpins?\b/i, say: "compressor C, R, S; terminal" },
  { not: /\bin straight\b|\bblades?\b/i, say: "female push-on, male spade" },
  { not: /\bjoints? of three\b/i, say: "three-way splice" },
  { not: /\bisolation points?\b/i, say: "locked out, tagged" },
  { not: /\bnot done after all\b/i, say: "undo" },
  { not: /\bits own delay\b|\bown delay\b|\bsilence\b/i, say: "start delay, it can stay quiet" },
  { not: /\bhighest stop\b|\bheight\b/i, say: "highest campsite, altitude" },
  { not: /\bspells?\b/i, say: "rest" },
  { not: /\bway back\b|\bas found again\b/i, say: "undo the install" },
  { not: /\btake (it )?in\b|\btaken in\b|\btaking it in\b|\bread a (file|list)\b/i, say: "import" },
  { not: /\bsame again\b/i, say: "duplicate" },
  { not: /\bmay run together\b/i, say: "can run together" },
  { not: /\bgoes first or stays\b/i, say: "turn off first, keep on" },
  {
    not: /\b(colou?r)(?<!color)(s|ed)?\b|\bgrey\b|\btorch\b|\bpetrol\b|\bmetres?\b|\blitres?\b|\blabelled\b|\blicence\b|\baluminium\b/i,
    say: "US spelling",
  },
  { not: /\bmains\b/i, say: "line voltage" },
  { not: /\bsafe(ly|ty)?\b/i, say: "what was shown, and when" },
  { not: /\bby my finger\b|\bmy finger\b/i, say: "my taps" },
  { not: /\bnever a remedy\b|\bno remedy\b/i, say: "never a fix" },
];

/** Most words of a sentence. */
const MOST_WORDS = 25;

/** What of a text is not to be said, and its sentences that are too long. Ends of sentences and of clauses set off by a semicolon or colon both count. */
export function wordsAmiss(text: string): readonly string[] {
  const found = WORDS_NOT_USED.flatMap(({ not, say }) => {
    const said = not.exec(text)?.[0];
    return said === undefined ? [] : [`“${said}”, say: ${say}`];
  });
  const long = text
    .split(/(?<=[.!?:;])\s+|\n/)
    .filter((s) => s.trim().split(/\s+/).length > MOST_WORDS)
    .map((s) => `over ${MOST_WORDS} words: ${s.trim()}`);
  return [...found, ...long];
}
