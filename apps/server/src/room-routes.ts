import express, { type ErrorRequestHandler, type Request, type Response, Router } from "express";
import { ROOM_LIMITS, type RoomRefusal, type Rooms, type Told } from "./room.ts";

const STATUS: Readonly<Record<RoomRefusal, number>> = {
  "no-such-room": 404,
  "no-such-seat": 404,
  full: 409,
  "nobody-there": 409,
  "too-many": 503,
  "too-many-guesses": 429,
};
const HEARTBEAT_MS = 10_000;
/** A listener that has fallen this far behind is dropped; it comes back and asks for what it lacks. */
const MOST_WAITING_BYTES = 4_000_000;

const refuse = (response: Response, reason: RoomRefusal): void => {
  response.status(STATUS[reason]).json({ reason });
};

/** Whether a page of this server asks: a page of another site says so, and is not let in. */
function isOwnPage(request: Request): boolean {
  const origin = request.get("origin");
  if (request.get("sec-fetch-site") === "cross-site") return false;
  if (origin === undefined) return true;
  return URL.canParse(origin) && new URL(origin).host === request.get("host");
}

/** Rooms over HTTP: a stream to each seat, texts in by post. Nothing is logged and nothing is kept. */
export function roomRoutes(rooms: Rooms): Router {
  const router = Router();
  router.use((request, response, next) => {
    response.set("Cache-Control", "no-store");
    if (isOwnPage(request)) next();
    else response.status(403).json({ reason: "foreign" });
  });
  router.use(express.json({ limit: ROOM_LIMITS.textBytes, strict: true }));

  router.post("/", (_request, response) => {
    const opened = rooms.open();
    if (typeof opened === "string") refuse(response, opened);
    else response.status(201).json(opened);
  });

  router.get("/:code", (request, response) => {
    const there = rooms.isFree(request.params.code);
    if (there === true) response.status(204).end();
    else refuse(response, there);
  });

  router.get("/:code/events", (request, response) => {
    const { code } = request.params;
    const seat = typeof request.query.seat === "string" ? request.query.seat : null;
    const waiting: string[] = [];
    let begun = false;
    const write = (what: unknown): void => {
      const text = `data: ${JSON.stringify(what)}\n\n`;
      if (!begun) waiting.push(text);
      else if (response.writableLength > MOST_WAITING_BYTES) response.destroy();
      else response.write(text);
    };
    const listener = (told: Told): void => {
      write(told ?? { ended: true });
      if (told === null) response.end();
    };
    const entered = rooms.enter(code, seat, listener);
    if (typeof entered === "string") return refuse(response, entered);
    response.set({ "Content-Type": "text/event-stream", "X-Accel-Buffering": "no" });
    response.write(`data: ${JSON.stringify({ seat: entered.token })}\n\n`);
    begun = true;
    for (const text of waiting) response.write(text);
    const heartbeat = setInterval(() => response.write(": here\n\n"), HEARTBEAT_MS);
    response.on("close", () => {
      clearInterval(heartbeat);
      rooms.leave(code, entered.token, listener);
    });
    return undefined;
  });

  router.post("/:code/:seat", (request, response) => {
    const body: unknown = request.body;
    const text = typeof body === "object" && body !== null && "text" in body ? body.text : undefined;
    if (typeof text !== "string") return response.status(400).json({ reason: "bad-message" });
    const passed = rooms.pass(request.params.code, request.params.seat, text);
    if (passed === true) return response.status(204).end();
    return refuse(response, passed);
  });

  router.delete("/:code/:seat", (request, response) => {
    const ended = rooms.end(request.params.code, request.params.seat);
    if (ended === true) return response.status(204).end();
    return refuse(response, ended);
  });
  const broken: ErrorRequestHandler = (error, _request, response, next) => {
    if (response.headersSent) next(error);
    else if (error?.type === "entity.too.large") response.status(413).json({ reason: "too-large" });
    else response.status(400).json({ reason: "bad-message" });
  };
  router.use(broken);
  return router;
}
