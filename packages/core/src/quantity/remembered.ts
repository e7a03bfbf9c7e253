import { canonical } from "./canonical.ts";

/**
 * The same work, its last `most` answers kept: a question asked again is not worked out again. Questions
 * are plain data and are told apart by their text, so work that rests on anything else must not be kept.
 */
export function remembered<Q, A>(work: (question: Q) => A, most: number): (question: Q) => A {
  const kept = new Map<string, { readonly answer: A }>();
  return (question) => {
    const key = canonical(question);
    const found = kept.get(key) ?? { answer: work(question) };
    kept.delete(key);
    kept.set(key, found);
    for (const oldest of kept.keys()) {
      if (kept.size <= most) break;
      kept.delete(oldest);
    }
    return found.answer;
  };
}
