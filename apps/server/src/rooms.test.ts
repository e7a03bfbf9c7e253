import { lineConformance } from "@amp-saver/pairing/conformance";
import { openRoom, RelayLine, type Stream } from "@amp-saver/pairing/relay";
import { EventSource } from "eventsource";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { createApp } from "./app.ts";
import { listen } from "./listen.ts";
import { ROOM_LIMITS, Rooms } from "./room.ts";

async function serve() {
  const { server, port } = await listen(createApp({ folder: "." }), "127.0.0.1", 0);
  const base = `http://127.0.0.1:${port}/api/rooms`;
  const close = (): Promise<void> =>
    new Promise((settled) => {
      server.closeAllConnections();
      server.close(() => settled());
    });
  return { server, base, port, close };
}

const stream = (url: string): Stream => new EventSource(url);

/** Waits until a check holds, for five seconds at most. */
async function until(look: () => boolean): Promise<void> {
  for (let k = 0; k < 500 && !look(); k++) await new Promise((settled) => setTimeout(settled, 10));
  expect(look()).toBe(true);
}

lineConformance("over the server", async () => {
  const { server, base, close } = await serve();
  const room = await openRoom(base);
  if (typeof room === "string") throw new Error(room);
  const [a, b] = [new RelayLine(base, room.code, null, stream), new RelayLine(base, room.code, null, stream)];
  const states: Record<string, string> = {};
  a.onState((state) => (states.a = state));
  b.onState((state) => (states.b = state));
  const both = (state: string): Promise<void> => until(() => states.a === state && states.b === state);
  await both("open");
  return {
    a,
    b,
    settle: async () => {
      let heard = 0;
      const stops = [a, b].map((line) => line.onText(() => (heard += 1)));
      let last = -1;
      for (let k = 0; k < 60 && (last !== heard || k < 12); k++) {
        last = heard;
        await new Promise((settled) => setTimeout(settled, 50));
      }
      for (const stop of stops) stop();
    },
    cut: async () => {
      server.closeAllConnections();
      await both("cut");
    },
    mend: () => both("open"),
    done: async () => {
      a.close();
      b.close();
      await close();
    },
  };
});

describe("rooms", () => {
  let served: Awaited<ReturnType<typeof serve>>;
  beforeAll(async () => {
    served = await serve();
  });
  afterAll(() => served.close());
  const post = (path: string, headers: Record<string, string> = {}, body = "{}"): Promise<Response> =>
    fetch(served.base + path, { method: "POST", headers: { "content-type": "application/json", ...headers }, body });

  it("are not opened for a page of another site", async () => {
    expect((await post("", { origin: "http://elsewhere.test" })).status).toBe(403);
    expect((await post("", { origin: `http://127.0.0.1:${served.port}` })).status).toBe(201);
    expect((await fetch(`${served.base}/AAAAAAAAAA/events`, { headers: { "sec-fetch-site": "cross-site" } })).status).toBe(403);
  });

  it("take no third, no text of one who has no seat, and nothing that is no text", async () => {
    const room = await openRoom(served.base);
    if (typeof room === "string") throw new Error(room);
    const lines = [new RelayLine(served.base, room.code, null, stream), new RelayLine(served.base, room.code, null, stream)];
    const states: string[] = [];
    lines[0]?.onState((state) => states.push(state));
    await until(() => states.at(-1) === "open");
    const third = await fetch(`${served.base}/${room.code}/events`);
    expect([third.status, await third.json()]).toEqual([409, { reason: "full" }]);
    expect((await post(`/${room.code}/nobody`, {}, '{"text":"x"}')).status).toBe(404);
    expect((await post(`/${room.code}/nobody`, {}, '{"text":1}')).status).toBe(400);
    expect((await post(`/${room.code}/nobody`, {}, JSON.stringify({ text: "x".repeat(ROOM_LIMITS.textBytes) }))).status).toBe(413);
    for (const line of lines) line.close();
  });

  it("cannot be guessed: a code has fifty bits, and after twenty wrong ones nobody is answered for a minute", () => {
    let now = 0;
    const rooms = new Rooms(() => now);
    const codes = new Set(Array.from({ length: 50 }, () => rooms.open()).map((room) => (typeof room === "string" ? room : room.code)));
    expect(codes.size).toBe(50);
    for (const code of codes) expect(code).toMatch(/^[0-9A-HJKMNP-TV-Z]{10}$/);
    const guess = (): unknown => rooms.enter("AAAAAAAAAA", null, () => undefined);
    for (let k = 0; k < ROOM_LIMITS.wrong; k++) expect(guess()).toBe("no-such-room");
    expect(guess()).toBe("too-many-guesses");
    now += ROOM_LIMITS.wrongMs + 1;
    expect(guess()).toBe("no-such-room");
  });

  it("are bounded, and one that nobody listens to is forgotten", () => {
    let now = 0;
    const rooms = new Rooms(() => now);
    const opened = Array.from({ length: ROOM_LIMITS.rooms }, () => rooms.open());
    expect(rooms.open()).toBe("too-many");
    const [first] = opened;
    if (first === undefined || typeof first === "string") throw new Error("no room");
    rooms.enter(first.code, null, () => undefined);
    now += ROOM_LIMITS.emptyMs + 1;
    expect(typeof rooms.open()).toBe("object");
    expect(rooms.enter(first.code, null, () => undefined)).toMatchObject({ token: expect.any(String) });
  });
});
