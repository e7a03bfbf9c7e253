import { z } from "zod";
import { ClockOffset } from "./clock.ts";
import { type Line, type LineState, Listeners } from "./line.ts";
import { syncSchema } from "./op.ts";
import type { Replica } from "./replica.ts";

/** Letters of a picture that go at once, so that a stop never waits behind it. */
const BLOB_PIECE = 60_000;
/** Pings without a word from the other after which it counts as out of reach. */
const SILENT_AFTER = 2;
/** Most letters of one. */
const BLOB_MOST = 12_000_000;

/** What is sent over a line, and nothing else is taken. */
const messageSchema = z.discriminatedUnion("say", [
  z.strictObject({
    say: z.literal("hello"),
    device: z.string().min(1).max(60),
    name: z.string().max(80),
    speaks: z.string().max(400),
    known: syncSchema.shape.known,
    /** Whether the other is asked to say the same. */
    asks: z.boolean(),
  }),
  z.strictObject({ say: z.literal("sync"), sync: syncSchema }),
  z.strictObject({ say: z.literal("ping"), sentMs: z.number() }),
  z.strictObject({ say: z.literal("pong"), sentMs: z.number(), hereMs: z.number() }),
  z.strictObject({ say: z.literal("want"), blob: z.string().min(1).max(100) }),
  z.strictObject({
    say: z.literal("blob"),
    blob: z.string().min(1).max(100),
    at: z.number().int().min(0),
    of: z.number().int().min(0),
    base64: z.string().max(BLOB_PIECE * 2),
  }),
  z.strictObject({ say: z.literal("bye") }),
]);
type Message = z.infer<typeof messageSchema>;

/** Who is at the other end. */
export interface Partner {
  readonly device: string;
  readonly name: string;
}

/** How it stands between two devices. */
export interface SessionState {
  readonly line: LineState;
  readonly partner: Partner | null;
  /** What keeps them from sharing: the other runs another version of the app. */
  readonly refused: "another-version" | null;
  /** The other's clock less this one's, ms; null while it is not known. */
  readonly aheadMs: number | null;
}

interface SessionOptions {
  readonly replica: Replica;
  readonly name: string;
  /** What of records this app writes: two that differ do not share. */
  readonly speaks: string;
  readonly nowMs: () => number;
  /** Called when the other's changes came in, with the documents they changed. */
  readonly onDocs: (docs: ReadonlySet<string>) => void;
  /** Gives the bytes of a photo or recording in base 64; null where there are none here. */
  readonly blobOf?: (id: string) => Promise<string | null>;
  /** Called when the bytes of one that was asked for are here. */
  readonly onBlob?: (id: string, base64: string) => void;
}

/**
 * Keeps two replicas in step over a line that may be cut at any moment: whenever it is open each says how far it knows
 * the other's changes and gets what it lacks, so that nothing is lost and nothing counts twice.
 */
export class Session {
  private current: SessionState = { line: "cut", partner: null, refused: null, aheadMs: null };
  private readonly listeners = new Listeners<SessionState>();
  private readonly offset = new ClockOffset();
  private readonly options: SessionOptions;
  private readonly line: Line;
  /** How far the other is known to know: only what it said itself. */
  private theirs: Readonly<Record<string, number>> | null = null;
  /** Pictures under way, as far as they are here. */
  private readonly coming = new Map<string, string>();
  private readonly stops: (() => void)[] = [];
  private lineState: LineState = "cut";
  /** Pings since the other was last heard. */
  private unheard = 0;

  constructor(line: Line, options: SessionOptions) {
    this.line = line;
    this.options = options;
    this.stops.push(line.onText((text) => this.hear(text)));
    this.stops.push(line.onState((state) => this.turned(state)));
  }

  get state(): SessionState {
    return this.current;
  }

  onState(listener: (state: SessionState) => void): () => void {
    listener(this.current);
    return this.listeners.add(listener);
  }

  /** Sends what the other lacks; to be called after the replica was written to. */
  share(): void {
    if (this.theirs === null || this.current.refused !== null) return;
    const sync = this.options.replica.missing(this.theirs);
    if (sync.ops.length > 0) this.say({ say: "sync", sync });
  }

  /** Asks the other for the bytes of a photo or recording. */
  want(blob: string): boolean {
    this.coming.delete(blob);
    return this.say({ say: "want", blob });
  }

  /** Measures the other's clock, and notices when the other falls silent; to be called every few seconds. */
  ping(): void {
    if (this.lineState === "open" && this.unheard >= SILENT_AFTER) this.turn({ line: "cut" });
    this.unheard += 1;
    this.say({ say: "ping", sentMs: this.options.nowMs() });
  }

  /** Ends it for both. */
  end(): void {
    this.say({ say: "bye" });
    this.line.close();
    for (const stop of this.stops) stop();
    this.turn({ line: "closed" });
  }

  private turned(line: LineState): void {
    this.theirs = null;
    this.lineState = line;
    this.unheard = 0;
    this.turn({ line });
    if (line !== "open") return;
    this.greet(true);
    this.ping();
  }

  private greet(asks: boolean): void {
    const { replica, name, speaks } = this.options;
    this.say({ say: "hello", device: replica.device, name, speaks, known: { ...replica.knows }, asks });
  }

  private hear(text: string): void {
    const message = read(text);
    if (message === null) return;
    this.unheard = 0;
    // Whoever was silent is asked anew what it knows.
    if (this.lineState === "open" && this.current.line === "cut") this.turned("open");
    switch (message.say) {
      case "hello":
        this.turn({
          partner: { device: message.device, name: message.name },
          refused: message.speaks === this.options.speaks ? null : "another-version",
        });
        this.theirs = message.known;
        if (message.asks) this.greet(false);
        this.share();
        return;
      case "sync":
        if (this.current.refused !== null) return;
        this.take(message);
        return;
      case "ping":
        this.say({ say: "pong", sentMs: message.sentMs, hereMs: this.options.nowMs() });
        return;
      case "pong":
        this.turn({ aheadMs: this.offset.hear(message.sentMs, message.hereMs, this.options.nowMs()) });
        return;
      case "want":
        void this.sendBlob(message.blob);
        return;
      case "blob":
        this.takeBlob(message);
        return;
      case "bye":
        this.line.close();
        this.turn({ line: "closed" });
    }
  }

  private take({ sync }: Extract<Message, { readonly say: "sync" }>): void {
    const { replica, onDocs } = this.options;
    this.theirs = sync.known;
    const docs = replica.receive(sync);
    // It is told that its changes arrived; what it lacks goes with that.
    if (sync.ops.length > 0) this.say({ say: "sync", sync: replica.missing(sync.known) });
    if (docs.size > 0) onDocs(docs);
  }

  private async sendBlob(blob: string): Promise<void> {
    const base64 = (await this.options.blobOf?.(blob)) ?? "";
    for (let at = 0; at < Math.max(1, base64.length); at += BLOB_PIECE)
      if (!this.say({ say: "blob", blob, at, of: base64.length, base64: base64.slice(at, at + BLOB_PIECE) })) return;
  }

  private takeBlob({ blob, at, of, base64 }: Extract<Message, { readonly say: "blob" }>): void {
    if (of === 0 || of > BLOB_MOST) return;
    const begun = at === 0 ? "" : this.coming.get(blob);
    // A piece that does not follow on what is here comes from before a cut.
    if (begun === undefined || begun.length !== at) return;
    const text = begun + base64;
    this.coming.set(blob, text);
    if (text.length < of) return;
    this.coming.delete(blob);
    this.options.onBlob?.(blob, text);
  }

  private say(message: Message): boolean {
    return this.line.send(JSON.stringify(message));
  }

  private turn(change: Partial<SessionState>): void {
    this.current = { ...this.current, ...change };
    this.listeners.tell(this.current);
  }
}

function read(text: string): Message | null {
  try {
    const message = messageSchema.safeParse(JSON.parse(text));
    return message.success ? message.data : null;
  } catch {
    return null;
  }
}
