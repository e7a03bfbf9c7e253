import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import puppeteer, { type Browser, type Page } from "puppeteer-core";
import { inject } from "vitest";
import { CHROMIUM_FLAGS } from "../scripts/chromium.mjs";

const FLAGS = [
  ...CHROMIUM_FLAGS,
  "--host-resolver-rules=MAP rig.test 127.0.0.1",
  "--use-fake-device-for-media-stream",
  "--use-fake-ui-for-media-stream",
];

/** A browser with an empty profile of its own, and what it complained about. */
export interface Session {
  readonly browser: Browser;
  readonly page: Page;
  readonly complaints: string[];
  readonly downloads: string;
  readonly close: () => Promise<void>;
}

export interface Screen {
  readonly width: number;
  readonly height: number;
  readonly phone?: boolean;
}
const TABLE: Screen = { width: 1280, height: 800 };
export const PHONE: Screen = { width: 390, height: 844, phone: true };

/** An empty profile for a browser, to be opened more than once. */
export const newProfile = (): string => mkdtempSync(join(tmpdir(), "amp-saver-e2e-"));

/** Opens Chromium at a path of the app, at the table or on a phone: from an empty database, unless with a profile that was kept. */
export async function openApp(path = "/", screen: Screen = TABLE, address = inject("address"), kept?: string): Promise<Session> {
  const profile = kept ?? newProfile();
  const downloads = join(profile, "downloads");
  const browser = await puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: FLAGS,
    userDataDir: join(profile, "user"),
    downloadBehavior: { policy: "allow", downloadPath: downloads },
  });
  const page = (await browser.pages())[0] ?? (await browser.newPage());
  const complaints: string[] = [];
  page.on("pageerror", (error) => complaints.push(String(error)));
  page.on("console", (message) => {
    if (message.type() === "error" || message.type() === "warn") complaints.push(message.text());
  });
  await page.setViewport({ width: screen.width, height: screen.height, isMobile: screen.phone ?? false, hasTouch: screen.phone ?? false });
  await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: "light" }]);
  page.setDefaultTimeout(40_000);
  await page.goto(address + path, { waitUntil: "load" });
  const close = async (): Promise<void> => {
    await browser.close();
    if (kept === undefined) rmSync(profile, { recursive: true, force: true });
  };
  return { browser, page, complaints, downloads, close };
}
