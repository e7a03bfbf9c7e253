/** Letters of what a sentence quotes from a file. */
const MOST_QUOTED = 80;

/** What is quoted, short enough for a sentence, with its letters that show nothing made visible. */
export function shorten(text: string): string {
  const visible = text.replaceAll(/[\p{Cc}\p{Cf}\p{Co}\p{Cs}\p{Zl}\p{Zp}]/gu, "\ufffd");
  const letters = [...visible];
  return letters.length > MOST_QUOTED ? `${letters.slice(0, MOST_QUOTED).join("")}…` : visible;
}
