import { format, parseISO } from "date-fns";
import type { PairView } from "../../pairing/live-pair.ts";
import type { Span } from "../../words/answer.ts";
import { PAIR } from "../../words/pair.ts";

/** The headline of how two phones stand. */
export function pairAnswer(view: PairView | null): readonly Span[] {
  if (view === null) return PAIR.alone;
  const { line, partner, refused } = view.session;
  if (refused !== null) return PAIR.otherVersion;
  if (line === "closed") return PAIR.over;
  if (partner === null) return PAIR.waiting;
  if (line === "open") return PAIR.with(partner.name);
  return needsCodes(view) ? PAIR.cutDirect(partner.name) : PAIR.cut(partner.name);
}

/** Whether the two find each other again only by showing codes: with no server nobody else tells them where they are. */
export const needsCodes = ({ link, session }: Pick<PairView, "link" | "session">): boolean =>
  link.by === "direct" && session.line === "cut";

/** A time of day as both read it. */
export const clockOf = (iso: string): string => format(parseISO(iso), "HH:mm");

/** The last calls in words, newest first. */
export function callLines({ calls }: Pick<PairView, "calls">, most: number): readonly { readonly id: string; readonly text: string }[] {
  return calls
    .slice(-most)
    .toReversed()
    .map(({ id, what, name, at, answer }) => ({
      id,
      text: PAIR.called(what, name, clockOf(at), answer === null ? null : clockOf(answer.at)),
    }));
}

/** The other's oldest call that nobody answered; a stop before all. */
export function openCall({ calls, link }: Pick<PairView, "calls" | "link">): PairView["calls"][number] | null {
  const open = calls.filter((c) => c.answer === null && c.device !== link.device);
  return open.find((c) => c.what === "stop") ?? open[0] ?? null;
}

/** Pages that say themselves how it stands with the other. */
export const saysItself = (path: string): boolean => path === "/helper" || path.startsWith("/pair");
