/** What is asked before anyone climbs; each answered yes, no or not yet. */
export const SITE_QUESTIONS = ["dry", "calm", "ladder", "helper", "daylight", "haul", "skilled", "allowed", "flammable"] as const;
export type SiteQuestion = (typeof SITE_QUESTIONS)[number];
export type SiteAnswers = Readonly<Partial<Record<SiteQuestion, boolean>>>;

/** Where a unit stands: up on a roof, or on the ground beside a house. */
export type SitePlace = "roof" | "ground";

/** Questions that only a roof asks. */
const ROOF_ONLY: readonly SiteQuestion[] = ["calm", "ladder", "haul"];

/** What is asked at a place, in order. */
export function siteQuestions(place: SitePlace): readonly SiteQuestion[] {
  return SITE_QUESTIONS.filter((q) => place === "roof" || !ROOF_ONLY.includes(q));
}

/** Questions whose answer no keeps everyone on the ground. */
const STOPS: readonly SiteQuestion[] = ["dry", "calm", "ladder", "daylight", "haul"];

/** Questions of a place whose answer should be yes: those that stop, and somebody who helps. */
export function sitePrecautions(place: SitePlace): readonly SiteQuestion[] {
  return siteQuestions(place).filter((q) => STOPS.includes(q) || q === "helper");
}

/** Go or not, with the answers that speak against it; and who should do it. */
export interface SiteVerdict {
  readonly go: boolean;
  readonly against: readonly SiteQuestion[];
  readonly unanswered: readonly SiteQuestion[];
  /** The owner may where skill and law allow; else it is left to a professional. */
  readonly who: "owner" | "professional" | "not-known";
  /** Flammable refrigerant: ventilate, no sparks, no soldering. */
  readonly noSparks: boolean;
}

/** Judges the answers that a place asks for; common practice, no source. */
export function judgeSite(answers: SiteAnswers, place: SitePlace = "roof"): SiteVerdict {
  const asked = siteQuestions(place);
  const against = asked.filter((q) => answers[q] === false && sitePrecautions(place).includes(q));
  const unanswered = asked.filter((q) => answers[q] === undefined);
  const { skilled, allowed } = answers;
  const who = skilled === false || allowed === false ? "professional" : skilled && allowed ? "owner" : "not-known";
  return {
    go: against.every((q) => !STOPS.includes(q)) && unanswered.length === 0,
    against,
    unanswered,
    who,
    noSparks: answers.flammable === true,
  };
}

/** Minutes a step usually takes; common practice, no source: 15 to 60 minutes for one unit. */
const MINUTES = { lift: 1, land: 2, move: 2, cut: 2, splice: 3, insulate: 1, retire: 2, fit: 8, tug: 0.5, photo: 1 } as const;

/** Minutes that steps usually take together, without learning runs. */
export function usualMinutes(steps: readonly { readonly do: keyof typeof MINUTES }[]): number {
  return steps.reduce((sum, step) => sum + MINUTES[step.do], 0);
}
