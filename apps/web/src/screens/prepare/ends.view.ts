import { keysOf } from "@amp-saver/core/quantity";
import { SPLICES } from "@amp-saver/core/reference";
import { genderOf, OWN_ENDS, type WireEnd } from "@amp-saver/core/study/wire-ends";

/** What may be seen on the end of a wire of the unit. */
export const END_OPTIONS = OWN_ENDS;

/** Gender of what is crimped on an end; null where it has none. */
export function genderWord(crimp: WireEnd["crimp"]): ReturnType<typeof genderOf> {
  return crimp === null ? null : genderOf(crimp);
}

/** Whether what is on an end must come off before another is made. */
export function cutsOff({ has, crimp, made }: WireEnd): boolean {
  return made !== "comes so" && has !== "bare" && has !== "cut" && crimp !== "as the starter’s sheet says";
}

/** Joints that do not get the kind that was asked for. */
export function jointsOtherwise(ends: readonly WireEnd[], asked: string | null): number {
  const other = ends.filter(({ splice }) => asked !== null && splice !== null && splice.name !== asked);
  return new Set(other.map(({ at }) => at)).size;
}

/** Every kind of joint with what it is good for. */
export function spliceRows() {
  return keysOf(SPLICES).map((name) => ({ name, ...SPLICES[name] }));
}
