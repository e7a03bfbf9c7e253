import { canonical } from "./canonical.ts";
import { KeptAnswers } from "./kept-answers.ts";

/**
 * The same work, its last `most` answers kept: a question asked again is not worked out again. Questions
 * are plain data and are told apart by their text, so work that rests on anything else must not be kept.
 */
export function remembered<Q, A>(work: (question: Q) => A, most: number): (question: Q) => A {
  const kept = new KeptAnswers<{ readonly answer: A }>(most);
  return (question) => {
    const key = canonical(question);
    const found = kept.get(key) ?? { answer: work(question) };
    kept.set(key, found);
    return found.answer;
  };
}
