import { SeededRandom } from "../../numeric/index.ts";

/**
 * How uncertain figures are picked while a case is put together: at their central value, leaning by a
 * share towards what makes a motor stronger; or drawn, each from a stream of its own that depends on
 * seed, member, attempt and name alone, so that the same member meets every source and way of starting.
 */
export type Pick =
  | { readonly kind: "central"; readonly lean: number }
  | { readonly kind: "drawn"; readonly seed: number; readonly member: number; readonly attempt: number };

/** Every figure at its typical value. */
export const CENTRAL: Pick = { kind: "central", lean: 0 };

/** The stream of one figure of a drawn member. */
export function streamOf({ seed, member, attempt }: Extract<Pick, { readonly kind: "drawn" }>, name: string): SeededRandom {
  let hash = 0x811c9dc5;
  for (let i = 0; i < name.length; i++) hash = Math.imul(hash ^ name.charCodeAt(i), 0x01000193);
  return new SeededRandom((seed ^ Math.imul(attempt + 1, 0x85ebca6b) ^ hash) >>> 0, member);
}
