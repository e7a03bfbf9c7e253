/** What is looked for once a unit is open, in the order in which the eye meets it. */
export const OPENING_FINDINGS = [
  "water",
  "nest",
  "foam",
  "bare-wire",
  "burnt",
  "rust",
  "broken-tab",
  "bulged-capacitor",
  "pitted-contactor",
  "coil-dirty",
] as const;
export type OpeningFinding = (typeof OPENING_FINDINGS)[number];

/** A finding is not there, is there, or was there and is mended. */
export const FINDING_STATES = ["none", "found", "mended"] as const;
export type FindingState = (typeof FINDING_STATES)[number];

/** Findings that nobody wires on top of: what is left as it is would burn, come off, or feed the unit against the thermostat. */
const STOPS: ReadonlySet<OpeningFinding> = new Set(["water", "bare-wire", "burnt", "broken-tab", "bulged-capacitor", "pitted-contactor"]);

/** Findings only of a unit with that part. */
const NEEDS_CONTACTOR: ReadonlySet<OpeningFinding> = new Set(["pitted-contactor"]);

/** What speaks against going on, what else is to be mended, and what nobody looked at yet. */
interface OpeningVerdict {
  readonly stops: readonly OpeningFinding[];
  readonly others: readonly OpeningFinding[];
  readonly open: readonly OpeningFinding[];
}

/** What is looked for in a unit; a contactor's points only where there is one. */
export function openingFindings(contactor: boolean): readonly OpeningFinding[] {
  return OPENING_FINDINGS.filter((what) => contactor || !NEEDS_CONTACTOR.has(what));
}

/** Judges what was seen; common practice, no source. */
export function judgeOpening(seen: Readonly<Partial<Record<OpeningFinding, FindingState>>>, contactor: boolean): OpeningVerdict {
  const asked = openingFindings(contactor);
  const there = asked.filter((what) => seen[what] === "found");
  return {
    stops: there.filter((what) => STOPS.has(what)),
    others: there.filter((what) => !STOPS.has(what)),
    open: asked.filter((what) => seen[what] === undefined),
  };
}
