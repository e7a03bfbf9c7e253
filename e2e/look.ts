import type { NodeFor, Page } from "puppeteer-core";

/*
 * Looks at a page in one message to the browser. The driver's own looks hand every element they meet over
 * first, in three messages each, which on a busy machine takes longer than all that a person does.
 */

const after = (args: readonly unknown[]): string => args.map((arg) => `, ${JSON.stringify(arg)}`).join("");

/** What is told of every element that a selector meets. */
export function lookAtAll<S extends string, R, A extends readonly unknown[]>(
  page: Page,
  selector: S,
  look: (all: NodeFor<S>[], ...args: A) => R | Promise<R>,
  ...args: A
): Promise<R> {
  return page.evaluate(`(${look})([...document.querySelectorAll(${JSON.stringify(selector)})]${after(args)})`) as Promise<R>;
}

/** What is told of the first element that a selector meets; fails where there is none. */
export function lookAt<S extends string, R, A extends readonly unknown[]>(
  page: Page,
  selector: S,
  look: (e: NodeFor<S>, ...args: A) => R | Promise<R>,
  ...args: A
): Promise<R> {
  const wanted = JSON.stringify(selector);
  return page.evaluate(`((e) => {
    if (e === null) throw new Error("nothing is met by " + ${JSON.stringify(wanted)});
    return (${look})(e${after(args)});
  })(document.querySelector(${wanted}))`) as Promise<R>;
}
