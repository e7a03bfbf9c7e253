import { LIBRARY } from "../../words/library.ts";
import type { PatternGroup, PatternLine } from "./library.view.ts";

/** One group of what a pattern knows; what this unit says otherwise stands out. */
export function PatternGroupLines({ group, lines }: { readonly group: PatternGroup; readonly lines: readonly PatternLine[] }) {
  return (
    <>
      <h3 className="pt-2 font-semibold">{LIBRARY.groups[group]}</h3>
      <ul className="py-1">
        {lines.map(({ text, here }) => (
          <li key={text} className={here === null ? "" : "font-semibold"}>
            {text}
            {here !== null && <span className="text-lead">, {LIBRARY.differs(here)}</span>}
          </li>
        ))}
      </ul>
    </>
  );
}
