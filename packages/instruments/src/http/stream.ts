/** A stream of events as far as it is used here: the browser's own EventSource is one. */
export interface Stream {
  onopen: (() => void) | null;
  onmessage: ((event: { readonly data: unknown }) => void) | null;
  onerror: (() => void) | null;
  readonly readyState: number;
  close(): void;
}

/** Opens a stream of events at an address. */
export type OpenStream = (url: string) => Stream;
