/** A text that names terminals, the module's LINE by its name of now: it was called otherwise before. */
export function lineNamed(text: string): string {
  return text.replaceAll(/\.ACTIVE(?![\w-])/g, ".LINE");
}
