import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { Link, useLocation } from "react-router";
import { Answer } from "../../ui/answer.tsx";
import { Fold } from "../../ui/fold.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { PlainTable } from "../../ui/plain-table.tsx";
import { SearchField } from "../../ui/search-field.tsx";
import type { GuideEntry } from "../../words/guide/index.ts";
import { GUIDE } from "../../words/guide-screen.ts";
import { cameFrom } from "../came-from.ts";
import { searchGuide } from "./guide.view.ts";

/** An entry, folded until it is wanted. Its name is part of the address, so that a Why leads here. */
function Folded({
  title,
  open,
  ...rest
}: {
  readonly id: string;
  readonly title: string;
  readonly open: boolean;
  readonly children: React.ReactNode;
}) {
  return (
    <Fold
      heading
      label={title}
      startOpen={open}
      className="border-b border-hair [&>div]:max-w-[70ch] [&>div]:pb-3 [&>div]:pl-5"
      {...rest}
    />
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
      {entry.source !== undefined && <p className="pt-1 text-small text-ink2">{GUIDE.source(entry.source)}</p>}
    </Folded>
  );
}

/** The guide: words, method, rules, figures, what is left out; searched, and opened at what a Why asks for. */
export function GuideScreen() {
  const { hash, state, key } = useLocation();
  const [typed, setTyped] = useState("");
  const words = useDeferredValue(typed);
  const view = useMemo(() => searchGuide(words), [words]);
  const asked = hash.slice(1);
  const from = cameFrom(state);
  const searching = words.trim() !== "";
  // biome-ignore lint/correctness/useExhaustiveDependencies: pressing the same chapter again leads there again
  useEffect(() => {
    if (asked === "") return;
    const entry = document.getElementById(asked);
    entry?.scrollIntoView();
    (entry?.querySelector("button") ?? entry)?.focus({ preventScroll: true });
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
              <Entry key={`${entry.id} ${searching} ${entry.id === asked}`} entry={entry} open={searching || entry.id === asked} />
            ))}
          </section>
        ))}
        {view.figures.length > 0 && (
          <section id="chapter-figures" className="mt-4">
            <SectionHeading>{GUIDE.figures}</SectionHeading>
            {view.figures.map((table) => (
              <Folded
                key={`${table.id} ${searching} ${table.id === asked}`}
                id={table.id}
                title={table.title}
                open={searching || table.id === asked}
              >
                <PlainTable heads={[GUIDE.figure, GUIDE.value, GUIDE.spread, GUIDE.from]} rows={table.rows} />
              </Folded>
            ))}
          </section>
        )}
      </Evidence>
      <Rail className="max-[62.4375rem]:order-first max-[62.4375rem]:border-t-0 max-[62.4375rem]:border-b-[1.5px]">
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
