import { type Line, type PairState, pairStateSchema } from "@amp-saver/pairing";
import { type Channel, ChannelLine } from "@amp-saver/pairing/channel";
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
/** Letters that tell one direct link from another: no secret, the codes bear their own. */
const DIRECT_LETTERS = 8;

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
  partner: null,
  aheadMs: null,
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

/** The name of the direct link that was cut and waits for its other phone, or a new one. */
export function directLink(): string {
  const view = currentPair()?.view();
  const waits = view?.link.by === "direct" && view.session.line === "cut";
  return waits ? view.link.code : newId<string>().slice(0, DIRECT_LETTERS);
}

/** Shares over a channel that is open already: goes on with the link it is of, or begins it. */
export function shareOver(store: RecordStore, link: string, channel: Channel, rigId: string | null, name: string): void {
  if (currentPair()?.goOnOver(link, channel) === true) return;
  begin(store, new ChannelLine(channel), linkOf("direct", link, rigId, name), null);
}

/** Shares with another window of this browser. */
export function shareWithWindow(store: RecordStore, rigId: string, name: string): void {
  const link = linkOf("window", rigId, rigId, name);
  begin(store, new WindowLine(link.code), link, null);
}

/** Takes up the link of before a reload; a direct one stays cut until the two show each other codes again. */
export function resume(store: RecordStore): void {
  const link = keptLink();
  if (link === null || currentPair() !== null) return;
  const kept = pairStateSchema.safeParse(keptState());
  begin(store, lineOf(link), link, kept.success ? kept.data : null);
}

function lineOf(link: Link): Line {
  if (link.by === "relay") return relay(link);
  return link.by === "window" ? new WindowLine(link.code) : new ChannelLine(null);
}
