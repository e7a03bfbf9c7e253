import type { InstrumentEvent, PortFailure } from "@amp-saver/instruments";
import { commandSchema } from "@amp-saver/instruments";
import { benchCommandSchema, type SimulatedPort } from "@amp-saver/instruments/simulated";
import express, { type ErrorRequestHandler, type Response, Router } from "express";

/** Largest message that is read, and most that listen at once. */
const MOST_BODY = "2kb";
const MOST_CLIENTS = 64;
/** A listener that has fallen this far behind is let go; it comes back and catches up. */
const MOST_WAITING_BYTES = 256_000;
const HEARTBEAT_MS = 15_000;
const RETRY_MS = 1000;

const STATUS: Readonly<Record<PortFailure, number>> = {
  unreachable: 502,
  "no-such-instrument": 404,
  "not-for-this-kind": 409,
  "bad-message": 400,
  "too-large": 413,
  "too-many": 503,
};

const refuse = (response: Response, reason: PortFailure): void => {
  response.status(STATUS[reason]).json({ reason });
};

/** Instruments over HTTP: the list, commands, a stream of events that can be resumed, and the bench behind the stand-ins. */
export function instrumentRoutes(port: SimulatedPort): Router {
  const router = Router();
  router.use(express.json({ limit: MOST_BODY }));
  router.use((_request, response, next) => {
    response.set("Cache-Control", "no-store");
    next();
  });
  let clients = 0;

  router.get("/instruments", async (_request, response) => {
    const list = await port.list();
    if (list.ok) response.json(list.value);
    else refuse(response, list.reason);
  });

  router.get("/instruments/events", (request, response) => {
    if (clients >= MOST_CLIENTS) return refuse(response, "too-many");
    clients += 1;
    response.set({ "Content-Type": "text/event-stream", "X-Accel-Buffering": "no" });
    response.write(`retry: ${RETRY_MS}\n\n`);
    const stop = port.follow(seqOf(request.get("last-event-id")), (events) => {
      if (response.writableLength > MOST_WAITING_BYTES) response.destroy();
      else for (const event of events) response.write(textOf(event));
    });
    const heartbeat = setInterval(() => response.write(": here\n\n"), HEARTBEAT_MS);
    response.on("close", () => {
      clients -= 1;
      clearInterval(heartbeat);
      stop();
    });
    return undefined;
  });

  router.post("/instruments/:id", async (request, response) => {
    const command = commandSchema.safeParse(request.body);
    if (!command.success) return refuse(response, "bad-message");
    const done = await port.send(request.params.id, command.data);
    if (done.ok) response.status(204).end();
    else refuse(response, done.reason);
    return undefined;
  });

  router.get("/bench", (_request, response) => {
    response.json(port.bench.state());
  });

  router.post("/bench", (request, response) => {
    const command = benchCommandSchema.safeParse(request.body);
    if (!command.success) return refuse(response, "bad-message");
    const done = port.bench.hand(command.data);
    if (done.ok) response.status(204).end();
    else refuse(response, done.reason);
    return undefined;
  });

  router.use((_request, response) => refuse(response, "no-such-instrument"));
  const onError: ErrorRequestHandler = (error: { type?: string }, _request, response, _next) => {
    refuse(response, error.type === "entity.too.large" ? "too-large" : "bad-message");
  };
  router.use(onError);
  return router;
}

function seqOf(text: string | undefined): number | null {
  const seq = Number(text);
  return text !== undefined && Number.isInteger(seq) && seq >= 0 ? seq : null;
}

function textOf(event: InstrumentEvent): string {
  return `id: ${event.seq}\ndata: ${JSON.stringify(event)}\n\n`;
}
