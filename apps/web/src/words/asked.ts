/** So many of them, all: what is answered at once. */
export const all = (count: number): string => (count === 2 ? "Both" : `All ${count}`);

/** Words of questions that are asked one at a time. */
export const ASKED = {
  count: (n: number, of: number): string => `${n} of ${of}`,
  allSo: (count: number): string => `${all(count)} are so`,
  back: "Back",
  next: "Next",
  later: "Later",
  yes: "Yes",
  takeBack: "Undo this answer",
  look: "Look through the answers",
  turn: { list: "Show them as a list", one: "Ask one at a time" },
} as const;
