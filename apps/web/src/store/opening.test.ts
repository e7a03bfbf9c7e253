import { afterEach, expect, it, vi } from "vitest";
import { memoryStore } from "./memory.ts";
import { beginOpening, type Opening } from "./opening.ts";

afterEach(() => {
  vi.useRealTimers();
});

type How = Awaited<ReturnType<Parameters<typeof beginOpening>[0]>>;

/** An opening that ends when it is told to, and every state it came to. */
function opened() {
  vi.useFakeTimers();
  let resolve: (how: How) => void = () => undefined;
  let reject: (why: Error) => void = () => undefined;
  const begun = beginOpening(
    () =>
      new Promise<How>((settle, fail) => {
        resolve = settle;
        reject = fail;
      }),
  );
  const states: Opening[] = [begun.state()];
  begun.watch(() => states.push(begun.state()));
  return { ...begun, resolve, reject, states };
}

it("is said to be slow after a while, and is answered all the same once it is open", async () => {
  const { store, resolve, states } = opened();
  const asked = store.list("rig");
  await vi.advanceTimersByTimeAsync(3999);
  expect(states).toEqual(["opening"]);
  await vi.advanceTimersByTimeAsync(1);
  resolve({ store: memoryStore(), kept: true });
  expect(await asked).toEqual([]);
  expect(states).toEqual(["opening", "slow", "kept"]);
});

it.each([
  [{ store: memoryStore(), kept: true }, "kept"],
  [{ store: memoryStore(), kept: false }, "not-kept"],
  ["newer", "newer"],
] as const)("tells how it ended, and nothing of being slow after that", async (how, state) => {
  const { resolve, states } = opened();
  resolve(how);
  await vi.advanceTimersByTimeAsync(60_000);
  expect(states).toEqual(["opening", state]);
});

it("is said to be slow at once where its script does not come", async () => {
  const { reject, states } = opened();
  reject(new Error("no network"));
  await vi.advanceTimersByTimeAsync(0);
  expect(states).toEqual(["opening", "slow"]);
});
