import type { Connection, Display, Instrument, InstrumentCommand, InstrumentPort } from "@amp-saver/instruments";
import type { OpenStream, Sharing, Stream } from "@amp-saver/instruments/http";
import { useCallback, useEffect, useRef, useState } from "react";
import useSWR from "swr";

const BASE = "/api/instruments";

/** The instruments that answer here, what each shows, and how to ask them for something. */
export interface Instruments {
  /** Undefined while asking; empty where none answers: everything can be typed in. */
  readonly list: readonly Instrument[] | undefined;
  readonly displays: ReadonlyMap<string, Display>;
  readonly connection: Connection;
  readonly send: (id: string, command: InstrumentCommand) => Promise<boolean>;
}

/** How long until it is asked again where none answered. */
const AGAIN_MS = 10_000;
const NONE: ReadonlyMap<string, Display> = new Map();

async function openPort(): Promise<InstrumentPort> {
  const { HttpPort, shareStream } = await import("@amp-saver/instruments/http");
  if (typeof BroadcastChannel !== "function" || navigator.locks === undefined) return new HttpPort(BASE, open);
  return new HttpPort(BASE, shareStream({ locks, channel, open, onHidden }));
}

const locks: Sharing["locks"] = {
  request: (name, options, work) => navigator.locks.request(name, options, work),
  query: () => navigator.locks.query(),
};

const channel: Sharing["channel"] = (name) => {
  const between = new BroadcastChannel(name);
  return {
    onWord: (hear) => {
      between.onmessage = ({ data }) => hear(data);
    },
    postMessage: (word) => between.postMessage(word),
    close: () => between.close(),
  };
};

const open: OpenStream = (url) => {
  const source = new EventSource(url);
  const stream: Stream = {
    onopen: null,
    onmessage: null,
    onerror: null,
    get readyState() {
      return source.readyState;
    },
    close: () => source.close(),
  };
  source.onopen = () => stream.onopen?.();
  source.onmessage = (event) => stream.onmessage?.(event);
  source.onerror = () => stream.onerror?.();
  return stream;
};

function onHidden(listener: () => void): () => void {
  const look = (): void => {
    if (document.visibilityState === "hidden") listener();
  };
  document.addEventListener("visibilitychange", look);
  return () => document.removeEventListener("visibilitychange", look);
}

/** Asks once which instruments answer here and listens to them as long as the page is open. */
export function useInstruments(): Instruments {
  const port = useRef<Promise<InstrumentPort>>(undefined);
  const [displays, setDisplays] = useState(NONE);
  const [connection, setConnection] = useState<Connection>("lost");
  const opened = useCallback((): Promise<InstrumentPort> => {
    port.current ??= openPort().catch((error: unknown) => {
      port.current = undefined;
      throw error;
    });
    return port.current;
  }, []);
  const ask = async (): Promise<readonly Instrument[]> => {
    const list = await (await opened()).list();
    return list.ok ? list.value : [];
  };
  // Instruments may be switched on, and a line may come back, while the page is open.
  const { data } = useSWR(["instruments"], ask, { refreshInterval: (list) => (list?.length ? 0 : AGAIN_MS) });
  const any = (data?.length ?? 0) > 0;
  useEffect(() => {
    if (!any) return undefined;
    let stop: () => void = () => undefined;
    let gone = false;
    void opened().then((at) => {
      if (gone) return;
      stop = at.listen({
        onEvent: ({ id, display }) => setDisplays((old) => new Map(old).set(id, display)),
        onConnection: setConnection,
      });
    });
    return () => {
      gone = true;
      stop();
    };
  }, [any, opened]);
  const send = useCallback(async (id: string, command: InstrumentCommand) => (await (await opened()).send(id, command)).ok, [opened]);
  return { list: data, displays, connection, send };
}
