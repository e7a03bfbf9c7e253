/** An expected outcome: a value, or a reason with the place it belongs to. */
export type Result<T, R extends string = string> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly reason: R; readonly where: string };

/** A successful result. */
export function ok<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

/** An expected failure: `reason` is a code or sentence, `where` names the part or field. */
export function fail<R extends string>(reason: R, where: string): { readonly ok: false; readonly reason: R; readonly where: string } {
  return { ok: false, reason, where };
}

/** Throws when a programmer's assumption does not hold. */
export function assert(condition: boolean, message: string): asserts condition {
  if (!condition) throw new Error(message);
}

/** Marks a branch that the types say cannot be reached. */
export function assertNever(value: never): never {
  throw new Error(`unreachable: ${String(value)}`);
}
