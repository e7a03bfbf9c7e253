import { z } from "zod";
import { LINK_KEY } from "./link-key.ts";

/** How this device is linked to another, and what it is called there: kept over a reload. */
const linkSchema = z.strictObject({
  by: z.enum(["relay", "direct", "window"]),
  code: z.string().max(60),
  seat: z.string().max(60).nullable(),
  rigId: z.string().max(100).nullable(),
  device: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  /** Who was met at the other end; null before that. */
  partner: z
    .strictObject({ device: z.string().max(60), name: z.string().max(80) })
    .nullable()
    .default(null),
  /** The other's clock less this one's as it was last known, ms: it counts while the line is cut, too. */
  aheadMs: z.number().nullable().default(null),
  /** Whether this one came in by the other's invitation. */
  joined: z.boolean(),
});
export type Link = z.infer<typeof linkSchema>;

const STATE = "amp-saver pair state";

/** The link of before a reload; null where there is none. */
export function keptLink(): Link | null {
  const read = linkSchema.safeParse(json(LINK_KEY));
  return read.success ? read.data : null;
}

/** What was kept of the sharing itself. */
export const keptState = (): unknown => json(STATE);

/** Two windows of one browser share what is local; each keeps its own link. */
const placeOf = (link: Link): Storage => (link.by === "window" ? sessionStorage : localStorage);

/** Keeps the link and the state of the sharing; false where the browser has no room. */
export function keep(link: Link, state: unknown): boolean {
  try {
    placeOf(link).setItem(STATE, JSON.stringify(state));
  } catch {
    return false;
  }
  return keepLink(link);
}

/** Keeps the link alone; false where the browser has no room. */
export function keepLink(link: Link): boolean {
  try {
    placeOf(link).setItem(LINK_KEY, JSON.stringify(link));
    return true;
  } catch {
    return false;
  }
}

/** Keeps nothing of it any more. */
export function forget(): void {
  for (const place of [sessionStorage, localStorage]) {
    place.removeItem(LINK_KEY);
    place.removeItem(STATE);
  }
}

function json(key: string): unknown {
  try {
    return JSON.parse(sessionStorage.getItem(key) ?? localStorage.getItem(key) ?? "null");
  } catch {
    return null;
  }
}
