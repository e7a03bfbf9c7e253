import { type Line, type PairState, pairStateSchema } from "@amp-saver/pairing";
import { askRoom, openRoom, RelayLine, type RelayRefusal } from "@amp-saver/pairing/relay";
import { WindowLine } from "@amp-saver/pairing/window";
import { newId } from "../store/identity.ts";
import type { RecordStore } from "../store/port.ts";
import { followClock } from "../store/shared-clock.ts";
import { alertWith } from "../ui/alert.ts";
import { PAIR } from "../words/pair.ts";
import { becomePair, currentPair } from "./current.ts";
import { forget, keptLink, keptState, type Link } from "./link.ts";
import { LivePair } from "./live-pair.ts";

const ROOMS = "/api/rooms";

const relay = (link: Pick<Link, "code" | "seat">): RelayLine => new RelayLine(ROOMS, link.code, link.seat, (url) => new EventSource(url));

function begin(store: RecordStore, line: Line, link: Link, state: PairState | null): LivePair {
  currentPair()?.leave();
  const pair = new LivePair({
    store,
    line,
    link,
    state,
    onChange: (changed) => {
      if (changed.view().session.line === "closed") {
        changed.leave();
        // A roof that is still held stays held over a reload.
        if (changed.view().holds.length === 0) forget();
        if (currentPair() === changed) becomePair(changed);
        return;
      }
      // The one who came in counts by the clock of the one who invited.
      const { aheadMs } = changed.view().session;
      if (link.joined && aheadMs !== null) followClock(aheadMs);
      becomePair(changed);
    },
    onCall: ({ what, name }) => alertWith(PAIR.heard(name, what)),
  });
  becomePair(pair);
  if (line instanceof RelayLine) line.onSeat((seat) => pair.sit(seat));
  return pair;
}

const linkOf = (by: Link["by"], code: string, rigId: string | null, name: string): Link => ({
  by,
  code,
  seat: null,
  rigId,
  device: newId<string>(),
  name,
  joined: rigId === null,
});

/** Opens a room on this server and waits in it for the other. */
export async function inviteByRelay(store: RecordStore, rigId: string, name: string): Promise<RelayRefusal | null> {
  const room = await openRoom(ROOMS);
  if (typeof room === "string") return room;
  const link = linkOf("relay", room.code, rigId, name);
  begin(store, relay(link), link, null);
  return null;
}

/** Goes into the room of the other; says why where it cannot. */
export async function joinByRelay(store: RecordStore, code: string, name: string): Promise<RelayRefusal | null> {
  const refused = await askRoom(ROOMS, code);
  if (refused !== null) return refused;
  const link = linkOf("relay", code, null, name);
  begin(store, relay(link), link, null);
  return null;
}

/** Shares over a line that is open already. */
export function shareOver(store: RecordStore, line: Line, rigId: string | null, name: string): void {
  begin(store, line, linkOf("direct", "", rigId, name), null);
}

/** Shares with another window of this browser. */
export function shareWithWindow(store: RecordStore, rigId: string, name: string): void {
  const link = linkOf("window", rigId, rigId, name);
  begin(store, new WindowLine(link.code), link, null);
}

/** Takes up the link of before a reload; a direct one has to be made anew. */
export function resume(store: RecordStore): void {
  const link = keptLink();
  if (link === null || currentPair() !== null || link.by === "direct") return;
  const kept = pairStateSchema.safeParse(keptState());
  const state = kept.success ? kept.data : null;
  begin(store, link.by === "relay" ? relay(link) : new WindowLine(link.code), link, state);
}
