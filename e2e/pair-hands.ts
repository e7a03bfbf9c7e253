import { createApp } from "@amp-saver/server";
import type { Page } from "puppeteer-core";
import { inject } from "vitest";
import { canonical } from "../packages/core/src/quantity/index.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { go, keptIn, notYet, press, sees, type, until } from "./hands.ts";
import { listen } from "./listen.ts";
import { lookAt } from "./look.ts";

/** Goes to a path as a link does, with no page loaded anew. */
export const at = (page: Page, path: string): Promise<void> =>
  page.evaluate((to) => {
    history.pushState({}, "", to);
    dispatchEvent(new PopStateEvent("popstate"));
  }, path);

/** What of the rig lies on a device, without what each works out or stamps for itself. */
async function shared(page: Page): Promise<string> {
  const { records } = await keptIn(page);
  return JSON.stringify(records.map(({ updatedAt: _at, answer: _answer, smallest: _smallest, ...rest }) => rest));
}

/** Keeps a picture to be looked at, where one is asked for. */
export async function shot(page: Page, name: string): Promise<void> {
  if (process.env.SHOT !== undefined) await page.screenshot({ path: `${process.env.SHOT}-${name}.png` });
}

const idsOf = async (page: Page, kind: string): Promise<readonly string[]> =>
  (await keptIn(page)).records.filter((r) => r.kind === kind).map(({ id }) => id);
export const rigOf = async (page: Page): Promise<string> => String((await idsOf(page, "rig"))[0]);
export const jobsOf = (page: Page): Promise<readonly string[]> => idsOf(page, "job");
export const jobOf = async (page: Page): Promise<string> => String((await jobsOf(page))[0]);

/** Waits until both devices hold the same, and says what differs when they do not. */
export function same(what: string, one: Page, other: Page): Promise<true> {
  return until(what, async () => {
    const [a, b] = [JSON.parse(await shared(one)), JSON.parse(await shared(other))].map(
      (all: { kind: string; id: string }[]) => new Map(all.map((r) => [`${r.kind} ${r.id}`, canonical(r)])),
    );
    const differ = [...new Set([...a!.keys(), ...b!.keys()])].filter((key) => a!.get(key) !== b!.get(key));
    return differ.length === 0 ? true : notYet(differ.map((key) => `${a!.get(key)} / ${b!.get(key)}`).join("\n"));
  });
}

/** A server of their own, and phones that open the app from it. */
export class TwoPhones {
  private readonly server: Awaited<ReturnType<typeof listen>>;
  private readonly sessions: Session[] = [];

  private constructor(server: Awaited<ReturnType<typeof listen>>) {
    this.server = server;
  }

  static async serve(): Promise<TwoPhones> {
    return new TwoPhones(await listen(createApp({ folder: inject("folder") })));
  }

  /** A phone with an empty profile, or one kept in a folder with a browser of its own. */
  async open(kept?: string, flags?: readonly string[]): Promise<Session> {
    const session = await openApp("/", PHONE, `http://127.0.0.1:${this.server.port}`, kept, flags);
    this.sessions.push(session);
    return session;
  }

  /** Cuts every line over the server; both sides come back by themselves. */
  cut(): void {
    this.server.server.closeAllConnections();
  }

  async close(): Promise<void> {
    for (const session of this.sessions) await session.close();
    this.cut();
    this.server.server.close();
  }
}

const codeOf = (page: Page): Promise<string> => lookAt(page, "[data-code]", (e) => e.textContent ?? "");

/** Shows the one's code to the other and back, as text; both are where codes are shown and taken. */
export async function showCodes(one: Page, other: Page): Promise<void> {
  await press(one, "Show my code", "tap");
  await press(one, "The same as text", "tap");
  await takeCode(other, await codeOf(one));
  await answerCode(one, other);
}

/** The other has read a code, and shows its own to the one who asked. */
export async function answerCode(one: Page, other: Page): Promise<void> {
  await press(other, "The same as text", "tap");
  await takeCode(one, await codeOf(other));
}

async function takeCode(page: Page, code: string): Promise<void> {
  await type(page, "Code of the other phone", code);
  await press(page, "Connect", "tap");
}

/** Invites over the server and comes in by the link. */
export async function meetByRoom(one: Page, other: Page): Promise<void> {
  await at(one, `/pair/${await rigOf(one)}`);
  await press(one, "Invite the other phone", "tap");
  const [, code] = /\/join\/([0-9A-Z]{10})/.exec(await sees(one, /\/join\/[0-9A-Z]{10}/))!;
  await go(other, `/join/${code}`);
  await press(other, "Join the other phone", "tap");
}
