import { createServer } from "node:http";

/** Serves a built folder on a free port of this machine. */
export async function serveFolder(folder) {
  const express = (await import("express")).default;
  const app = express().use(express.static(folder));
  app.get("/{*path}", (_request, response) => response.sendFile("index.html", { root: folder }));
  const server = createServer(app);
  await new Promise((ready) => server.listen(0, "127.0.0.1", ready));
  return { address: `http://localhost:${server.address().port}`, close: () => server.close() };
}
