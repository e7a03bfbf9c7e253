import { expose } from "comlink";
import { describe, expect, it } from "vitest";
import { TOO_LONG } from "../ui/too-long.ts";
import { type Hired, hire } from "./hire.ts";

interface Desk {
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
    const desk = {
      ready: () => true,
      double: (n: number) => 2 * n,
      never: () => new Promise<number>(() => undefined),
      fail: (): number => {
        throw new Error("a figure was no figure");
      },
    };
    expose(desk, port2);
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

describe("a hired worker", () => {
  it("answers one question after the other, each in its own time", async () => {
    const { make, made } = office();
    const hired: Hired<Desk> = hire(make, 60_000);
    expect(await Promise.all([1, 2, 3].map((n) => hired.call((d) => d.double(n))))).toEqual([2, 4, 6]);
    expect(made()).toBe(1);
  });

  it("that takes too long is ended and replaced, says so, and what waited behind it is answered", async () => {
    const { make, made, ended } = office();
    const hired: Hired<Desk> = hire(make, 60);
    const endless = hired.call((d) => d.never());
    const behind = hired.call((d) => d.double(21));
    await expect(endless).rejects.toThrow(TOO_LONG);
    expect(await behind).toBe(42);
    expect([made(), ended()]).toEqual([2, 1]);
  });

  it("that breaks says why, and the next question finds another", async () => {
    const { make, made, kill } = office();
    const hired: Hired<Desk> = hire(make, 60_000);
    await expect(hired.call((d) => d.fail())).rejects.toThrow("a figure was no figure");
    expect(await hired.call((d) => d.double(4))).toBe(8);
    expect(made()).toBe(1);
    const lost = hired.call((d) => d.never());
    setTimeout(kill, 5);
    await expect(lost).rejects.toThrow("out of memory");
    expect(await hired.call((d) => d.double(5))).toBe(10);
    expect(made()).toBe(2);
  });
});
