import { lazy, Suspense, useEffect, useLayoutEffect, useRef } from "react";
import { useLocation } from "react-router";
import { usePair } from "../pairing/current.ts";
import { pagePlace } from "../ui/drafts.ts";
import { COMMON, PRODUCT } from "../words/common.ts";
import { Notices } from "./notices.tsx";
import { type OtherUnit, TitleBlock, type TitleCell } from "./title-block.tsx";

const PairStrip = lazy(() => import("../screens/pair/strip.tsx").then((m) => ({ default: m.PairStrip })));

interface PageProps {
  readonly title: string;
  readonly cells: readonly TitleCell[];
  readonly line: string;
  readonly other?: OtherUnit | null;
  readonly foot: React.ReactNode;
  readonly children: React.ReactNode;
}

/** Frame of every page: title block on top, the page, notices, and the strip along the bottom. */
export function Page({ title, cells, line, other, foot, children }: PageProps) {
  useEffect(() => {
    document.title = `${title} · ${PRODUCT}`;
  }, [title]);
  const { hash } = useLocation();
  const main = useRef<HTMLElement>(null);
  const isPaired = usePair() !== null;
  const place = pagePlace();
  // Another stage begins at its headline; another part of the same one stays where it is. Scrolled in the frame that draws it, which lays the page out anyway.
  useLayoutEffect(() => {
    if (hash !== "" || place === "") return undefined;
    const frame = requestAnimationFrame(() => main.current?.scrollTo(0, 0));
    return () => cancelAnimationFrame(frame);
  }, [place, hash]);
  return (
    <div className="group/page flex h-full flex-col">
      <a href="#answer" className="absolute -top-20 left-2 z-50 bg-ink px-3 py-2 text-face focus:top-2">
        {COMMON.skip}
      </a>
      <TitleBlock cells={cells} line={line} other={other ?? null} />
      {isPaired && (
        <Suspense fallback={null}>
          <PairStrip />
        </Suspense>
      )}
      {/* What is hidden from the eye alone hangs in here too, and would stretch the page past the screen otherwise. */}
      <main ref={main} className="relative flex min-h-0 grow flex-col overflow-y-auto">
        {children}
      </main>
      <Notices />
      {foot}
    </div>
  );
}
