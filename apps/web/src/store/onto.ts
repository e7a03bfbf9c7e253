import { canonical } from "@amp-saver/core/quantity";

/** An object with fields by name, which a list is not. */
export function isPlain(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

const same = (a: unknown, b: unknown): boolean => canonical(a) === canonical(b);

/**
 * What was made of what was seen, laid into what is kept by now: of two answers in a row the second was given while the
 * first was being saved, and takes over only what it changed itself. An answer that is all as it was seen puts that back.
 * Lists are taken whole; undefined clears a field.
 */
export function laidInto(kept: unknown, seen: unknown, made: unknown): unknown {
  if (!isPlain(kept) || !isPlain(seen) || !isPlain(made) || same(seen, made)) return made;
  const names = [...new Set([kept, seen, made].flatMap((o) => Object.keys(o)))];
  const fields = names.map((name) => {
    const left = same(seen[name], made[name]);
    return [name, left ? kept[name] : laidInto(kept[name], seen[name], made[name])] as const;
  });
  return Object.fromEntries(fields.filter(([, value]) => value !== undefined));
}
