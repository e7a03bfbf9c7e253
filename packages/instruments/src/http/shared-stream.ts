import type { OpenStream, Stream } from "./stream.ts";

/** What tabs tell each other of the one stream. */
type Word =
  | { readonly say: "hello" }
  | { readonly say: "open" }
  | { readonly say: "lost" }
  | { readonly say: "message"; readonly data: string };

/** Locks by name, as the browser gives them to its tabs. */
interface Locks {
  readonly request: (name: string, options: { readonly signal: AbortSignal }, work: () => Promise<void> | undefined) => Promise<unknown>;
  readonly query: () => Promise<{ readonly pending?: readonly { readonly name?: string }[] }>;
}

/** What carries words between tabs. */
interface Channel {
  readonly onWord: (hear: (word: Word) => void) => void;
  readonly postMessage: (word: Word) => void;
  readonly close: () => void;
}

/** What sharing needs of the browser. */
export interface Sharing {
  readonly locks: Locks;
  readonly channel: (name: string) => Channel;
  readonly open: OpenStream;
  /** Calls back when the tab goes out of sight; returns how to stop. */
  readonly onHidden: (listener: () => void) => () => void;
}

const CONNECTING = 0;
const OPEN = 1;

/**
 * Opens a stream that all tabs of a browser share: one of them, by a lock, listens to the server and tells the others.
 * A browser has few connections to one server, and a stream a tab would use them up. When the tab that listens goes, is
 * closed, or goes out of sight while others wait, the next one takes over.
 */
export function shareStream(sharing: Sharing): OpenStream {
  return (url) => new SharedStream(url, sharing);
}

class SharedStream implements Stream {
  onopen: (() => void) | null = null;
  onmessage: ((event: { readonly data: unknown }) => void) | null = null;
  onerror: (() => void) | null = null;
  readyState = CONNECTING;

  private readonly url: string;
  private readonly name: string;
  private readonly sharing: Sharing;
  private readonly channel: Channel;
  private readonly ends = new AbortController();
  /** The latest of each instrument, for tabs that come later. */
  private readonly latest = new Map<unknown, string>();
  private real: Stream | null = null;
  private release: () => void = () => undefined;
  private readonly unwatch: () => void;

  constructor(url: string, sharing: Sharing) {
    this.url = url;
    this.name = `amp-saver stream ${url}`;
    this.sharing = sharing;
    this.channel = sharing.channel(this.name);
    this.channel.onWord((word) => this.hear(word));
    this.channel.postMessage({ say: "hello" } satisfies Word);
    this.unwatch = sharing.onHidden(() => void this.giveWay());
    this.stand();
  }

  close(): void {
    this.ends.abort();
    this.unwatch();
    this.release();
    this.channel.close();
  }

  /** Waits for the lock, and listens to the server as long as it is held. */
  private stand(): void {
    const { locks } = this.sharing;
    const held = locks.request(this.name, { signal: this.ends.signal }, () => {
      if (this.ends.signal.aborted) return undefined;
      return new Promise<void>((free) => {
        this.release = () => {
          this.real?.close();
          this.real = null;
          free();
        };
        this.lead();
      });
    });
    held.catch(() => undefined);
  }

  private lead(): void {
    const real = this.sharing.open(this.url);
    this.real = real;
    real.onopen = () => this.tell({ say: "open" });
    real.onmessage = ({ data }) => this.tell({ say: "message", data: String(data) });
    real.onerror = () => {
      this.tell({ say: "lost" }, real.readyState);
    };
  }

  private tell(word: Word, readyState?: number): void {
    this.channel.postMessage(word);
    this.hear(word, readyState);
  }

  private hear(word: Word, readyState?: number): void {
    if (word.say === "hello") {
      if (this.real === null || this.readyState !== OPEN) return;
      this.channel.postMessage({ say: "open" } satisfies Word);
      for (const data of this.latest.values()) this.channel.postMessage({ say: "message", data } satisfies Word);
      return;
    }
    if (word.say === "message") {
      this.latest.set(idOf(word.data), word.data);
      this.onmessage?.({ data: word.data });
      return;
    }
    this.readyState = word.say === "open" ? OPEN : (readyState ?? CONNECTING);
    if (word.say === "open") this.onopen?.();
    else this.onerror?.();
  }

  /** Lets a tab that is seen listen in place of this one. */
  private async giveWay(): Promise<void> {
    if (this.real === null) return;
    const { pending } = await this.sharing.locks.query();
    if (this.real === null || pending?.some((lock) => lock.name === this.name) !== true) return;
    this.release();
    this.stand();
  }
}

function idOf(data: string): unknown {
  try {
    const message: { readonly id?: unknown } = JSON.parse(data);
    return message.id;
  } catch {
    return undefined;
  }
}
