import { fail, ok } from "@amp-saver/core/quantity";
import { expose, type Remote } from "comlink";
import { describe, expect, it } from "vitest";
import { TOO_LONG } from "../ui/too-long.ts";
import { WorkerQueue } from "./worker-queue.ts";

interface Sums {
  readonly double: (n: number) => number;
  readonly never: () => Promise<number>;
  readonly fail: () => number;
}

/** A stand-in for a worker on a message channel: dies on command, and counts how many were made and ended. */
function office(): { readonly make: () => Worker; readonly made: () => number; readonly ended: () => number; readonly kill: () => void } {
  let made = 0;
  let ended = 0;
  let killLatest = (): void => undefined;
  const make = (): Worker => {
    made += 1;
    const { port1, port2 } = new MessageChannel();
    const listeners = new Map<string, ((event: unknown) => void)[]>();
    const sums = {
      ready: () => true,
      double: (n: number) => 2 * n,
      never: () => new Promise<number>(() => undefined),
      fail: (): number => {
        throw new Error("a figure was no figure");
      },
    };
    expose(sums, port2);
    port2.start();
    killLatest = () => {
      for (const heard of listeners.get("error") ?? []) heard({ message: "out of memory" });
    };
    const worker = {
      postMessage: port1.postMessage.bind(port1),
      addEventListener: (type: string, heard: (event: unknown) => void) => {
        if (type === "message") port1.addEventListener(type, heard as EventListener);
        else listeners.set(type, [...(listeners.get(type) ?? []), heard]);
        port1.start();
      },
      removeEventListener: (type: string, heard: EventListener) => port1.removeEventListener(type, heard),
      terminate: () => {
        ended += 1;
        port1.close();
        port2.close();
      },
    };
    return worker as unknown as Worker;
  };
  return { make, made: () => made, ended: () => ended, kill: () => killLatest() };
}

const FIRST = { rank: 0 };

describe("the line before workers", () => {
  it("answers one question after the other with one worker, and asks no more workers than it has", async () => {
    const { make, made } = office();
    const queue = new WorkerQueue<Sums>(make, 1);
    expect(await Promise.all([1, 2, 3].map((n) => queue.ask((d) => d.double(n), FIRST)))).toEqual([2, 4, 6].map(ok));
    expect(made()).toBe(1);
    const two = new WorkerQueue<Sums>(make, 2);
    await Promise.all([1, 2, 3, 4, 5].map((n) => two.ask((d) => d.double(n), FIRST)));
    expect(made()).toBe(3);
  });

  it("lets an earlier rank go first, whoever asked before", async () => {
    const queue = new WorkerQueue<Sums>(office().make, 1);
    const order: number[] = [];
    const ask = (n: number, rank: number): Promise<unknown> => queue.ask((d) => d.double(n), { rank }).then(() => order.push(n));
    await Promise.all([ask(1, 5), ask(2, 5), ask(3, 0), ask(4, 2)]);
    expect(order).toEqual([1, 3, 4, 2]);
  });

  it("asks only so many at a time of what nobody waits for, the earliest rank first, and keeps a worker for what is looked at", async () => {
    const { make, made } = office();
    const queue = new WorkerQueue<Sums>(make, 2, 60, { rank: 1, atOnce: 1 });
    const order: string[] = [];
    const ask = (name: string, rank: number, question: (d: Remote<Sums>) => Promise<number>): Promise<unknown> =>
      queue.ask(question, { rank }).then(() => order.push(name));
    const endless = ask("endless", 1, (d) => d.never());
    const later = ask("later", 3, (d) => d.double(1));
    const sooner = ask("sooner", 2, (d) => d.double(2));
    await ask("looked at", 0, (d) => d.double(3));
    expect([order, made()]).toEqual([["looked at"], 2]);
    await Promise.all([endless, later, sooner]);
    expect(order).toEqual(["looked at", "endless", "sooner", "later"]);
  });

  it("ends and replaces one that takes too long, says so, and answers what waited behind it", async () => {
    const { make, made, ended } = office();
    const queue = new WorkerQueue<Sums>(make, 1, 60);
    const endless = queue.ask((d) => d.never(), FIRST);
    const behind = queue.ask((d) => d.double(21), FIRST);
    expect(await endless).toEqual(fail("too-long", TOO_LONG));
    expect(await behind).toEqual(ok(42));
    expect([made(), ended()]).toEqual([2, 1]);
  });

  it("says what a worker threw, and asks the same one again", async () => {
    const { make, made } = office();
    const queue = new WorkerQueue<Sums>(make, 1);
    expect(await queue.ask((d) => d.fail(), FIRST)).toEqual(fail("threw", "a figure was no figure"));
    expect(await queue.ask((d) => d.double(4), FIRST)).toEqual(ok(8));
    expect(made()).toBe(1);
  });

  it("asks once more when a worker dies, and says so when the next dies too", async () => {
    const { make, made, kill } = office();
    const queue = new WorkerQueue<Sums>(make, 1);
    let tries = 0;
    const question = (d: Remote<Sums>): Promise<number> => {
      tries += 1;
      if (tries > 1) return d.double(5);
      setTimeout(kill, 5);
      return d.never();
    };
    expect(await queue.ask(question, FIRST)).toEqual(ok(10));
    expect(made()).toBe(2);
    const dying = (d: Remote<Sums>): Promise<number> => {
      setTimeout(kill, 5);
      return d.never();
    };
    expect(await queue.ask(dying, FIRST)).toEqual(fail("died", "out of memory"));
    expect(await queue.ask((d) => d.double(6), FIRST)).toEqual(ok(12));
    expect(made()).toBe(4);
  });

  it("never asks what was cancelled while it waited, and ends what was begun", async () => {
    const queue = new WorkerQueue<Sums>(office().make, 1);
    const cancel = new AbortController();
    const asked: string[] = [];
    const question =
      (name: string, n: number) =>
      (d: Remote<Sums>): Promise<number> => {
        asked.push(name);
        return d.double(n);
      };
    const begun = queue.ask(question("begun", 1), { rank: 0, signal: cancel.signal });
    const waiting = queue.ask(question("waiting", 2), { rank: 1, signal: cancel.signal });
    const behind = queue.ask(question("behind", 3), { rank: 2 });
    cancel.abort();
    expect(await waiting).toEqual(fail("cancelled", ""));
    expect([await begun, await behind]).toEqual([ok(2), ok(6)]);
    expect(asked).toEqual(["begun", "behind"]);
  });
});
