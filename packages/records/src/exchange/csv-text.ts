/** Texts that a spreadsheet would take for a formula, and those that were made harmless before. */
export const FORMULA = /^'*[=+\-@\t\r]/;

/** A text as it was before it was made harmless by a quote at its head. */
export function fromHarmless(text: string): string {
  return /^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text;
}
