import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { Link, useLocation } from "react-router";
import { Answer } from "../../ui/answer.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { PlainTable } from "../../ui/plain-table.tsx";
import { SearchField } from "../../ui/search-field.tsx";
import type { GuideEntry } from "../../words/guide/index.ts";
import { GUIDE } from "../../words/guide-screen.ts";
import { cameFrom } from "../came-from.ts";
import { searchGuide } from "./guide.view.ts";

/** What is folded until it is wanted: a heading, and what it says. Its name is part of the address, so that a Why leads here. */
function Folded({
  id,
  title,
  open,
  children,
}: {
  readonly id: string;
  readonly title: string;
  readonly open: boolean;
  readonly children: React.ReactNode;
}) {
  return (
    <details id={id} open={open} className="group border-b border-hair">
      <summary className="flex min-h-[48px] cursor-pointer items-center gap-3 py-2 font-semibold marker:content-none">
        <svg
          viewBox="0 0 16 16"
          width="12"
          height="12"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.8"
          aria-hidden="true"
          className="shrink-0"
        >
          <path d="M2 8h12" />
          <path d="M8 2v12" className="group-open:hidden" />
        </svg>
        <h3 className="font-semibold">{title}</h3>
      </summary>
      <div className="max-w-[70ch] pb-3 pl-6">{children}</div>
    </details>
  );
}

function Entry({ entry, open }: { readonly entry: GuideEntry; readonly open: boolean }) {
  return (
    <Folded id={entry.id} title={entry.title} open={open}>
      {entry.text.map((text) => (
        <p key={text} className="py-0.5">
          {text}
        </p>
      ))}
      <p className="pt-1 text-small text-ink2">{GUIDE.source(entry.source ?? GUIDE.ownSource)}</p>
    </Folded>
  );
}

/** The guide: words, method, rules, figures, what is left out; searched, and opened at what a Why asks for. */
export function GuideScreen() {
  const { hash, state, key } = useLocation();
  const [typed, setTyped] = useState("");
  const words = useDeferredValue(typed);
  const view = useMemo(() => searchGuide(words), [words]);
  const asked = decodeURIComponent(hash.slice(1));
  const from = cameFrom(state);
  const searching = words.trim() !== "";
  // biome-ignore lint/correctness/useExhaustiveDependencies: pressing the same chapter again leads there again
  useEffect(() => {
    if (asked === "") return;
    const entry = document.getElementById(asked);
    entry?.scrollIntoView();
    (entry?.querySelector("summary") ?? entry)?.focus({ preventScroll: true });
  }, [asked, key]);
  return (
    <StageFrame>
      <Evidence>
        <Answer question={GUIDE.question} parts={[{ text: GUIDE.answer }]} sure={GUIDE.sure} />
        <SearchField label={GUIDE.find} value={typed} onChange={setTyped} className="mt-3 max-w-[520px]" />
        <p className="pt-1 text-small text-ink2" role="status">
          {searching && (view.count === 0 ? GUIDE.noMatch(words.trim()) : GUIDE.found(view.count))}
        </p>
        {view.chapters.map((chapter) => (
          <section key={chapter.id} id={`chapter-${chapter.id}`} className="mt-4">
            <SectionHeading>{chapter.title}</SectionHeading>
            {chapter.entries.map((entry) => (
              <Entry key={`${entry.id} ${searching}`} entry={entry} open={searching || entry.id === asked} />
            ))}
          </section>
        ))}
        {view.figures.length > 0 && (
          <section id="chapter-figures" className="mt-4">
            <SectionHeading>{GUIDE.figures}</SectionHeading>
            {view.figures.map((table) => (
              <Folded key={`${table.id} ${searching}`} id={table.id} title={table.title} open={searching || table.id === asked}>
                <PlainTable heads={[GUIDE.figure, GUIDE.value, GUIDE.spread, GUIDE.from]} rows={table.rows} />
              </Folded>
            ))}
          </section>
        )}
      </Evidence>
      <Rail className="max-[999px]:order-first max-[999px]:border-t-0 max-[999px]:border-b-[1.5px]">
        <div className="sticky top-4">
          {from !== null && (
            <LinkButton to={from} className="mb-4">
              {GUIDE.back}
            </LinkButton>
          )}
          <nav aria-label={GUIDE.chapters}>
            {[...view.chapters, ...(view.figures.length > 0 ? [{ id: "figures", title: GUIDE.figures }] : [])].map(({ id, title }) => (
              <Link
                key={id}
                to={{ hash: `chapter-${id}` }}
                state={state}
                replace
                className="flex min-h-[48px] items-center border-b border-hair underline"
              >
                {title}
              </Link>
            ))}
          </nav>
        </div>
      </Rail>
    </StageFrame>
  );
}
