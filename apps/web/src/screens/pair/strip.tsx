import { Link, useLocation } from "react-router";
import { usePair } from "../../pairing/current.ts";
import { COMMON } from "../../words/common.ts";
import { PAIR } from "../../words/pair.ts";
import { clockOf, saysItself } from "./pair.view.ts";

/** Who is connected, and whose hands are in a unit: a line of every page, so that it covers nothing and moves nothing. */
export function PairStrip() {
  const paired = usePair();
  const { pathname } = useLocation();
  if (paired === null || saysItself(pathname)) return null;
  const { session, holds } = paired.view;
  const [held] = holds;
  if (held === undefined && (session.partner === null || session.line === "closed")) return null;
  const who = session.partner === null ? "" : PAIR.strip(session.partner.name, session.line);
  return (
    <aside aria-label={COMMON.twoPhones} className="shrink-0 border-b-[1.5px] border-ink bg-face">
      <Link to="/pair" className="flex min-h-[48px] items-center px-3 font-semibold text-small leading-[1.2] min-[62.5rem]:px-6">
        {held === undefined ? who : `${PAIR.heldTitle}. ${PAIR.held(held.name, held.what, clockOf(held.at))} ${who}`}
      </Link>
    </aside>
  );
}
