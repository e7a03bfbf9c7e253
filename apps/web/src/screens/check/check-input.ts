import { type CaseOrMissing, type Conditions, startCase } from "@amp-saver/cases";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { type AirConditioner, METHODS, type Method, type Source } from "@amp-saver/records";

/** Every question the check screen asks at once. */
export interface CheckInput {
  readonly chosen: CaseOrMissing;
  readonly against: StartCase | null;
  /** Questions behind the glyphs, and which glyph each belongs to. */
  readonly glances: readonly StartCase[];
  readonly glanceOf: readonly ({ readonly source: string } | { readonly method: Method })[];
}

/** Puts a job's question together with all that is compared with it. */
export function checkInput(
  unit: AirConditioner,
  sources: readonly Source[],
  sourceId: string | null,
  method: Method,
  against: Method | null,
  conditions: Conditions,
): CheckInput {
  const source = sources.find((s) => s.id === sourceId);
  const ask = (s: Source | undefined, m: Method): CaseOrMissing => startCase(unit, s, m, conditions);
  const compared = against === null || against === method ? null : ask(source, against);
  const asked = [
    ...sources.map((s) => ({ of: { source: s.id }, question: ask(s, method) })),
    ...METHODS.map((m) => ({ of: { method: m }, question: ask(source, m) })),
  ];
  const known = asked.flatMap(({ of, question }) => (question.ok ? [{ of, given: question.given }] : []));
  return {
    chosen: ask(source, method),
    against: compared?.ok === true ? compared.given : null,
    glances: known.map((k) => k.given),
    glanceOf: known.map((k) => k.of),
  };
}

/**
 * Whether an answered question is about the same unit, source and way as the one that stands, whatever
 * the weather: what was worked out around it may then stay until the new one arrives.
 */
export function sameFrame(answered: string | null, given: StartCase | null): boolean {
  if (answered === null || given === null) return false;
  const about = ({ unit, method, source }: StartCase): string => JSON.stringify([unit, method, { ...source, altitudeM: 0 }]);
  const before: StartCase = JSON.parse(answered);
  return about(before) === about(given);
}
