import { Link } from "react-router";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHECK } from "../../words/check.ts";
import { FIT_WORDS } from "../../words/common.ts";
import { type ControlProps, fitOf } from "./control-props.ts";

/** Which source: the list is the comparison. */
export function SourceControl(props: ControlProps) {
  const { job, sources } = props.bundle;
  if (sources.length === 0) {
    return (
      <Link to={`/job/${job.id}/survey`} className="block py-2 underline underline-offset-4">
        {CHECK.addSource}
      </Link>
    );
  }
  return (
    <ul className="-mx-2">
      {sources.map((source) => {
        const chosen = source.id === job.sourceId;
        const fit = fitOf(props, "source", source.id);
        return (
          <li key={source.id}>
            <button
              type="button"
              aria-pressed={chosen}
              onClick={() => props.question.keep({ sourceId: source.id })}
              className={`flex min-h-[29px] w-full items-center justify-between gap-2 px-2 text-left pointer-coarse:min-h-[48px] ${chosen ? "bg-ink font-semibold text-face" : ""}`}
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
  );
}
