import type { Tell } from "@amp-saver/records";
import { proxy, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Exchanger } from "../exchange/exchanger.ts";
import type { RecordStore } from "../store/port.ts";
import { useStore } from "../store/provider.tsx";
import { deathOf } from "./lazy-worker.ts";

/** What is going on: writing a file, reading one, taking one in, and how far it is. */
export interface ExchangeTask {
  readonly doing: keyof Exchanger;
  readonly share: number;
}

interface HeldExchanger {
  readonly exchanger: Exchanger;
  /** Rejects when the worker dies. */
  readonly dies: Promise<never>;
  readonly leave: () => void;
}

function inWorker(): HeldExchanger {
  const worker = new Worker(new URL("./rigs.worker.ts", import.meta.url), { type: "module" });
  const remote = wrap<Exchanger>(worker);
  const exchanger: Exchanger = {
    out: (wanted, tell) => remote.out(wanted, proxy(tell)),
    look: (file, tell) => remote.look(file, proxy(tell)),
    take: (sides, tell) => remote.take(sides, proxy(tell)),
  };
  const dies = deathOf(worker).then((why): never => {
    throw new Error(why);
  });
  dies.catch(() => undefined);
  return { exchanger, dies, leave: () => worker.terminate() };
}

async function inPage(store: RecordStore): Promise<HeldExchanger> {
  const { makeExchanger } = await import("../exchange/exchanger.ts");
  return { exchanger: makeExchanger(() => Promise.resolve(store)), dies: new Promise(() => undefined), leave: () => undefined };
}

/**
 * Files out and in, in a worker where the store outlives the page. Cancelling ends the worker, and
 * with it whatever it was writing: the browser then takes all of that back.
 */
export function useExchange(): {
  readonly task: ExchangeTask | null;
  readonly run: <D extends keyof Exchanger, T>(doing: D, work: (exchanger: Exchanger, tell: Tell) => Promise<T>) => Promise<T | null>;
  readonly cancel: () => void;
} {
  const { store, kept } = useStore();
  const [task, setTask] = useState<ExchangeTask | null>(null);
  const held = useRef<HeldExchanger | null>(null);
  const stop = useRef<() => void>(() => undefined);
  useEffect(() => () => held.current?.leave(), []);
  const cancel = (): void => {
    held.current?.leave();
    held.current = null;
    stop.current();
  };
  return {
    task,
    cancel,
    async run(doing, work) {
      held.current ??= kept ? inWorker() : await inPage(store);
      setTask({ doing, share: 0 });
      const stopped = new Promise<null>((settle) => {
        stop.current = () => settle(null);
      });
      try {
        const { exchanger, dies } = held.current;
        return await Promise.race([work(exchanger, (share) => setTask((old) => old && { doing, share })), stopped, dies]);
      } catch (error) {
        held.current?.leave();
        held.current = null;
        throw error;
      } finally {
        setTask(null);
      }
    },
  };
}
