import { COMMON, FIT_WORDS } from "../words/common.ts";
import { type FitName, VerdictGlyph } from "./verdict-glyph.tsx";

interface FitListProps {
  readonly items: readonly { readonly id: string; readonly name: string }[];
  /** Null while it is still being tried. */
  readonly fitOf: (id: string) => FitName | null;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
}

/** One of several, each with its verdict: the list is the comparison. */
export function FitList({ items, fitOf, chosen, onChoose }: FitListProps) {
  return (
    <ul className="-mx-2">
      {items.map(({ id, name }) => {
        const fit = fitOf(id);
        return (
          <li key={id}>
            <button
              type="button"
              aria-pressed={id === chosen}
              onClick={() => onChoose(id)}
              className={`flex min-h-[29px] w-full items-center justify-between gap-2 px-2 text-left pointer-coarse:min-h-[48px] ${id === chosen ? "bg-ink font-semibold text-face" : ""}`}
            >
              <span className="truncate">{name}</span>
              <span className="flex shrink-0 items-center gap-2.5 text-small">
                <VerdictGlyph fit={fit ?? "not-known"} />
                <span aria-hidden="true" className="w-[86px] text-right">
                  {fit === null ? COMMON.trying : FIT_WORDS[fit]}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
