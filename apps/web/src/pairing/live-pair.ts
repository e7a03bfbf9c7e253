import { canonical } from "@amp-saver/core/quantity";
import {
  answerCall,
  type Call,
  type CallKind,
  call,
  callsIn,
  type Due,
  type Hold,
  hold,
  holdsIn,
  type Line,
  lift,
  type PairState,
  RECORDS,
  Replica,
  Session,
  type SessionState,
  SharedRig,
  SPEAKS,
} from "@amp-saver/pairing";
import { type Channel, ChannelLine } from "@amp-saver/pairing/channel";
import { type AnyRecord, hasBlob, type RecordKind, recordKey } from "@amp-saver/records";
import { newId, nowIso } from "../store/identity.ts";
import type { Change, Patch, RecordStore } from "../store/port.ts";
import { forget, keep, keepLink, type Link } from "./link.ts";

/** How two devices stand, for the screens. */
export interface PairView {
  readonly link: Link;
  readonly session: SessionState;
  /** Holds of the other device, oldest first, and this one's own. */
  readonly holds: readonly Hold[];
  readonly own: readonly Hold[];
  readonly calls: readonly Call[];
  /** Typed at once on both: how many pieces were said beside what counts. */
  readonly beside: number;
  /** Whether the browser did not keep what the other changed; it is tried again with the next change. */
  readonly isStuck: boolean;
  /** How many records of the other cannot be read here. */
  readonly unread: number;
  /** False where the browser has no room to keep the sharing over a reload. */
  readonly kept: boolean;
  /** Photos and recordings that were asked for and are still under way. */
  readonly awaited: number;
}

interface LivePairOptions {
  readonly store: RecordStore;
  readonly line: Line;
  readonly link: Link;
  readonly state: PairState | null;
  /** Told after every change. */
  readonly onChange: (pair: LivePair) => void;
  /** Told of every call of the other, once. */
  readonly onCall: (call: Call) => void;
}

/** Kinds that belong to no rig: a starter comes along where a job asks about it. */
const OUTSIDE: ReadonlySet<RecordKind> = new Set(["starter", "pattern", "practice"]);
const SOON_MS = 120;
const PING_MS = 4000;

/** One rig kept in step with another device, as long as both want it. */
export class LivePair {
  private readonly options: LivePairOptions;
  private readonly replica: Replica;
  private readonly shared: SharedRig;
  private readonly session: Session;
  private readonly stops: (() => void)[] = [];
  private readonly heard: Set<string>;
  private link: Link;
  private kept = true;
  private unread = 0;
  private isStuck = false;
  private stood: SessionState["line"] = "cut";
  /** Photos and recordings that were asked for and are not here yet. */
  private wanted = new Set<string>();
  private work: Promise<void> = Promise.resolve();
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(options: LivePairOptions) {
    this.options = options;
    this.link = options.link;
    // Changes are counted by a name of this page's own: two pages of one device never count by the same.
    this.replica = new Replica({ known: {}, ops: [], ...options.state?.replica, device: newId<string>() });
    this.shared = new SharedRig(this.replica, options.state?.agreed ?? []);
    this.heard = new Set(callsIn(this.replica).map(({ id }) => id));
    this.session = new Session(options.line, {
      replica: this.replica,
      name: options.link.name,
      speaks: SPEAKS,
      nowMs: Date.now,
      onDocs: () => this.came(),
      blobOf: async (id) => {
        const bytes = await options.store.blobs(id);
        return bytes === undefined ? null : toBase64(bytes);
      },
      onBlob: (id, base64) => void this.keepBlob(id, base64),
    });
    this.stops.push(this.session.onState((state) => this.stands(state)));
    this.stops.push(options.store.subscribe(() => this.soon()));
    const pings = setInterval(() => this.session.ping(), PING_MS);
    this.stops.push(() => clearInterval(pings));
    this.soon();
  }

  view(): PairView {
    const holds = holdsIn(this.replica);
    return {
      link: this.link,
      session: {
        ...this.session.state,
        partner: this.session.state.partner ?? this.link.partner,
        aheadMs: this.session.state.aheadMs ?? this.link.aheadMs,
      },
      holds: holds.filter((h) => h.device !== this.link.device),
      own: holds.filter((h) => h.device === this.link.device),
      calls: callsIn(this.replica),
      beside: this.replica.overruled(RECORDS).length,
      unread: this.unread,
      isStuck: this.isStuck,
      kept: this.kept,
      awaited: this.wanted.size,
    };
  }

  /** Goes on over a new channel of the direct link that this is; false where it is another link, or ended. */
  goOnOver(link: string, channel: Channel): boolean {
    const { line } = this.options;
    if (!(line instanceof ChannelLine) || this.link.code !== link || this.session.state.line === "closed") return false;
    line.take(channel);
    return true;
  }

  /** Tells the other that this device holds the roof, or no longer does. */
  holdRoof(what: Hold["what"] | null, job: string): void {
    const own = this.view().own.filter((h) => h.job === job);
    if (own.some((h) => h.what === what)) return;
    for (const { id } of own) lift(this.replica, id, this.speaker(), "");
    if (what !== null) hold(this.replica, newId<string>(), this.speaker(), what, job);
    this.tell();
  }

  /** Lifts the other's hold here, with a person's reason. */
  liftHold(id: string, reason: string): void {
    lift(this.replica, id, this.speaker(), reason);
    this.tell();
  }

  callOut(what: CallKind): void {
    const id = newId<string>();
    this.heard.add(id);
    call(this.replica, id, this.speaker(), what);
    this.tell();
  }

  answer(id: string): void {
    answerCall(this.replica, id, this.speaker());
    this.tell();
  }

  /** Asks the other for every photo and recording that is not here; returns how many. */
  async fetchBlobs(): Promise<number> {
    const { rigId } = this.link;
    if (rigId === null) return 0;
    const bearing = (await this.options.store.records([rigId])).filter((r) => hasBlob(r.kind) && !OUTSIDE.has(r.kind));
    const absent: string[] = [];
    for (const { id } of bearing) if ((await this.options.store.blobs(id)) === undefined) absent.push(id);
    this.wanted = new Set(absent);
    for (const id of absent) this.session.want(id);
    this.options.onChange(this);
    return absent.length;
  }

  private async keepBlob(id: string, base64: string): Promise<void> {
    if (!this.wanted.delete(id)) return;
    const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
    await this.options.store.keepBlob(id, bytes);
    this.options.onChange(this);
  }

  /** Another seat of the room, so that it is found again after a reload. */
  sit(seat: string): void {
    this.link = { ...this.link, seat };
    this.remember();
  }

  /** Ends it for both; what was shared stays on each. */
  end(): void {
    this.leave();
    this.session.end();
    forget();
  }

  /** Stops without ending it for the other. */
  leave(): void {
    clearTimeout(this.timer);
    for (const stop of this.stops.splice(0)) stop();
  }

  private speaker(): { readonly device: string; readonly name: string; readonly at: string } {
    return { device: this.link.device, name: this.link.name, at: nowIso() };
  }

  private stands({ line, partner, aheadMs }: SessionState): void {
    // Whoever holds the session in hand is told before it is there.
    const cameBack = line === "open" && this.stood !== "open";
    this.stood = line;
    if (cameBack) queueMicrotask(() => this.askAgain());
    const known = { partner: partner ?? this.link.partner, aheadMs: aheadMs ?? this.link.aheadMs };
    if (canonical(known) !== canonical({ partner: this.link.partner, aheadMs: this.link.aheadMs })) {
      this.link = { ...this.link, ...known };
      keepLink(this.link);
    }
    this.options.onChange(this);
  }

  /** What was under way when the line was cut is asked for again. */
  private askAgain(): void {
    for (const id of this.wanted) this.session.want(id);
  }

  private tell(): void {
    this.session.share();
    this.remember();
    this.options.onChange(this);
  }

  private came(): void {
    for (const made of callsIn(this.replica)) {
      if (this.heard.has(made.id)) continue;
      this.heard.add(made.id);
      if (made.device !== this.link.device) this.options.onCall(made);
    }
    // A hold outlives a reload from the moment it is heard of.
    this.remember();
    this.options.onChange(this);
    this.work = this.work.then(() => this.takeIn()).catch(() => undefined);
  }

  private soon(): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => {
      this.work = this.work.then(() => this.giveOut()).catch(() => undefined);
    }, SOON_MS);
  }

  private async giveOut(): Promise<void> {
    const { rigId } = this.link;
    if (rigId === null) return;
    const all = await this.options.store.records([rigId]);
    const agreed = new Set(this.shared.agreed().map(([doc]) => doc));
    const asked = new Set(all.flatMap((r) => (r.kind === "job" && r.starterId !== null ? [String(r.starterId)] : [])));
    const own = all.filter(
      (r) => !OUTSIDE.has(r.kind) || (r.kind === "starter" && (asked.has(r.id) || agreed.has(`${RECORDS}starter ${r.id}`))),
    );
    if (!own.some((r) => r.kind === "rig")) return;
    if (this.shared.give(own, nowIso()) === 0) return;
    this.tell();
  }

  private async takeIn(): Promise<void> {
    if (this.link.rigId === null) await this.meet();
    const due = this.shared.due();
    this.unread = this.shared.unread();
    if (due.length === 0) return;
    const done = await this.options.store.commit({ label: "import", silent: true, changes: due.map(changeOf) });
    this.isStuck = !done.ok;
    if (!done.ok) {
      this.options.onChange(this);
      return;
    }
    for (const one of due) this.shared.took(one);
    this.remember();
    this.options.onChange(this);
    // What was typed here meanwhile goes out after it.
    this.soon();
  }

  /** Learns which rig it is; a copy of it that lies here already is met, not written over. */
  private async meet(): Promise<void> {
    const rig = this.replica.names(`${RECORDS}rig `)[0];
    if (rig === undefined) return;
    const rigId = rig.slice(`${RECORDS}rig `.length);
    const here = await this.options.store.records([rigId]);
    const there = new Set(this.replica.names(RECORDS));
    this.link = { ...this.link, rigId };
    this.shared.meet(
      here.filter((r) => !OUTSIDE.has(r.kind) || there.has(RECORDS + recordKey(r))),
      nowIso(),
    );
    this.tell();
  }

  private remember(): void {
    const state: PairState = { replica: this.replica.state(), agreed: this.shared.agreed() };
    this.kept = keep(this.link, state);
  }
}

function changeOf(due: Due): Change | Patch {
  if (due.do === "put") return { kind: due.record.kind, id: due.record.id, after: due.record };
  if (due.do === "away") return { kind: due.kind, id: due.id, after: null };
  return { kind: due.kind, id: due.id, patch: (record) => fieldsChanged(record, due.turn(record)) };
}

/** Fields in which a record differs from another; undefined for one that is gone. */
function fieldsChanged(before: AnyRecord, after: AnyRecord): Readonly<Record<string, unknown>> {
  const [old, next]: readonly Readonly<Record<string, unknown>>[] = [{ ...before }, { ...after }];
  const names = [...new Set([...Object.keys(old ?? {}), ...Object.keys(next ?? {})])].filter((name) => name !== "updatedAt");
  return Object.fromEntries(names.filter((name) => canonical(old?.[name]) !== canonical(next?.[name])).map((name) => [name, next?.[name]]));
}

/** Bytes as text, a piece at a time: all at once would be too many arguments. */
function toBase64(bytes: Uint8Array): string {
  let text = "";
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}
