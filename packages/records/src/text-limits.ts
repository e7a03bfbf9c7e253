/** Most letters of what a person writes, by what it is. */
export const TEXT_MOST = {
  name: 120,
  color: 40,
  model: 200,
  serial: 80,
  refrigerant: 40,
  person: 200,
  rigNote: 2000,
  note: 500,
  meter: 120,
  loadsOn: 200,
  prose: 1000,
  lampShows: 120,
  lampMeans: 300,
} as const;

/** Letters that show nothing, and the blank pattern of braille, which is none. */
const UNSEEN = /^[\p{Default_Ignorable_Code_Point}\p{Z}\p{C}\p{M}\u2800]*$/u;

/** Whether anything of a text can be seen. */
const isSeen = (text: string): boolean => !UNSEEN.test(text);

/** What is wrong with a name a person gives: nothing to see in it, or too long; null where it is good. */
export function nameProblem(text: string): "unseen" | "too-long" | null {
  if (!isSeen(text)) return "unseen";
  return text.trim().length > TEXT_MOST.name ? "too-long" : null;
}
