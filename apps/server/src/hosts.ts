import { networkInterfaces } from "node:os";

const HOME = ["localhost", "127.0.0.1", "[::1]"];

/** Names that this machine answers to without being told: itself, and its addresses in the networks it is in. */
function ownNames(): readonly string[] {
  const addresses = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  return [...HOME, ...addresses.map(({ address, family }) => (family === "IPv6" ? `[${address.split("%")[0]}]` : address))];
}

/**
 * Whether a request asks for this server: a page of another site that has its name point here would be let in by the
 * browser otherwise. `more` are names it was told of.
 */
export function asksForUs(host: string | undefined, more: readonly string[]): boolean {
  const name = (host ?? "").toLowerCase().replace(/:\d{1,5}$/, "");
  return name !== "" && (more.some((m) => m.toLowerCase() === name) || ownNames().includes(name));
}
