import { z } from "zod";
import type { Replica } from "./replica.ts";

/** Documents that say who has hands in a unit, and what was called out. */
const HOLDS = "hold ";
const CALLS_MADE = "call ";

/** What is called from one to the other. */
export const CALLS = ["cool", "off", "running", "clamp", "stop"] as const;
export type CallKind = (typeof CALLS)[number];

const said = z.strictObject({ device: z.string(), name: z.string(), at: z.string() });
const holdSchema = said.extend({ what: z.literal(["dead", "hands"]), job: z.string() });
const liftedSchema = said.extend({ reason: z.string() });
const callSchema = said.extend({ what: z.literal(CALLS) });

/** Somebody holds a roof as dead, or has hands in a unit. */
export interface Hold extends z.infer<typeof holdSchema> {
  readonly id: string;
}
/** Something called out, and who answered it when. */
export interface Call extends z.infer<typeof callSchema> {
  readonly id: string;
  readonly answer: z.infer<typeof said> | null;
}

/** Who speaks, and when by their own clock. */
export interface Speaker {
  readonly device: string;
  readonly name: string;
  readonly at: string;
}

/** Tells the other that this device holds the roof; the hold stays until it is lifted, whatever becomes of the line. */
export function hold(replica: Replica, id: string, speaker: Speaker, what: Hold["what"], job: string): void {
  replica.set(HOLDS + id, "hold", { ...speaker, what, job }, speaker.at);
}

/** Lifts a hold: one's own when the work is done, or the other's by a person, with a reason. */
export function lift(replica: Replica, id: string, speaker: Speaker, reason: string): void {
  replica.set(HOLDS + id, "lifted", { ...speaker, reason }, speaker.at);
}

/** Every hold that nobody lifted, oldest first. */
export function holdsIn(replica: Replica): readonly Hold[] {
  return replica
    .names(HOLDS)
    .flatMap((doc): readonly Hold[] => {
      const pieces = replica.read(doc)?.pieces ?? {};
      const held = holdSchema.safeParse(pieces.hold);
      return held.success && !liftedSchema.safeParse(pieces.lifted).success ? [{ ...held.data, id: doc.slice(HOLDS.length) }] : [];
    })
    .toSorted((a, b) => (a.at < b.at ? -1 : 1));
}

/** Calls something out to the other. */
export function call(replica: Replica, id: string, speaker: Speaker, what: CallKind): void {
  replica.set(CALLS_MADE + id, "call", { ...speaker, what }, speaker.at);
}

/** Answers a call. */
export function answerCall(replica: Replica, id: string, speaker: Speaker): void {
  replica.set(CALLS_MADE + id, "answer", speaker, speaker.at);
}

/** Every call with its answer, oldest first by the clock of who called. */
export function callsIn(replica: Replica): readonly Call[] {
  return replica
    .names(CALLS_MADE)
    .flatMap((doc): readonly Call[] => {
      const pieces = replica.read(doc)?.pieces ?? {};
      const made = callSchema.safeParse(pieces.call);
      const answer = said.safeParse(pieces.answer);
      return made.success ? [{ ...made.data, id: doc.slice(CALLS_MADE.length), answer: answer.success ? answer.data : null }] : [];
    })
    .toSorted((a, b) => (a.at < b.at ? -1 : 1));
}
