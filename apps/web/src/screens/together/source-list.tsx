import { type FitName, VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHECK } from "../../words/check.ts";
import { FIT_WORDS } from "../../words/common.ts";

interface SourceListProps {
  readonly sources: readonly { readonly id: string; readonly name: string }[];
  readonly fits: readonly FitName[];
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
}

/** The sources with the verdict of the whole plan on each. */
export function SourceList({ sources, fits, chosen, onChoose }: SourceListProps) {
  return (
    <section>
      <h2 className="text-[15px] text-ink2">{CHECK.source}</h2>
      <ul className="-mx-2">
        {sources.map((source, i) => {
          const fit = fits[i] ?? "not-known";
          return (
            <li key={source.id}>
              <button
                type="button"
                aria-pressed={source.id === chosen}
                onClick={() => onChoose(source.id)}
                className={`flex min-h-[31px] w-full items-center justify-between gap-2 px-2 text-left pointer-coarse:min-h-[48px] ${source.id === chosen ? "bg-ink font-semibold text-face" : ""}`}
              >
                <span className="truncate">{source.name}</span>
                <span className="flex shrink-0 items-center gap-2.5 text-[14.5px]">
                  <VerdictGlyph fit={fit} />
                  <span aria-hidden="true" className="w-[78px] text-right">
                    {FIT_WORDS[fit]}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
