import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import puppeteer, { type Browser, type BrowserContext, type Page } from "puppeteer-core";
import { inject } from "vitest";
import { CHROMIUM_FLAGS } from "../scripts/chromium.mjs";
import { PATIENCE_MS } from "./hands.ts";

const FLAGS = [
  ...CHROMIUM_FLAGS,
  "--host-resolver-rules=MAP rig.test 127.0.0.1",
  "--use-fake-device-for-media-stream",
  "--use-fake-ui-for-media-stream",
];

/**
 * How the browser of many tests spares processes: none to fork others from, none for drawing, none frozen for a page
 * that was left, none kept ready. One with a profile of its own is left as it comes.
 */
const FEW_PROCESSES = [
  "--no-zygote",
  "--in-process-gpu",
  "--disable-back-forward-cache",
  "--disable-features=SpareRendererForSitePerProcess",
];

/** A browser's profile, empty at first, and what it complained about. */
export interface Session {
  readonly browser: Browser;
  /** The profile: what is opened in it shares its database. */
  readonly profile: BrowserContext;
  readonly page: Page;
  readonly complaints: string[];
  readonly downloads: string;
  readonly close: () => Promise<void>;
}

/** What the app is opened on. */
export interface Device {
  readonly width: number;
  readonly height: number;
  readonly phone?: boolean;
  /** Whether the device keeps the app, to open without a signal, as it does where it can: fetching all of it takes longer than many a test. */
  readonly keepsApp?: boolean;
}
export const TABLE: Device = { width: 1280, height: 800 };
export const PHONE: Device = { width: 390, height: 844, phone: true };

/** An empty folder for a profile that outlives its browser. */
export const newProfile = (): string => mkdtempSync(join(tmpdir(), "amp-saver-e2e-"));

/** Starts a browser and notes its process, so that the run's end can end it where this worker no longer does. */
async function launch(userDataDir: string | null = null, flags: readonly string[] = []): Promise<Browser> {
  const browser = await puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: [...FLAGS, ...flags],
    ...(userDataDir === null ? {} : { userDataDir }),
  });
  const note = join(inject("browsers"), String(browser.process()?.pid));
  writeFileSync(note, "");
  browser.once("disconnected", () => rmSync(note, { force: true }));
  return browser;
}

/** Leaves a page although it asks to stay. */
export function leavesWhenAsked(page: Page): void {
  page.on("dialog", (dialog) => void dialog.accept().catch(() => undefined));
}

let shared: Promise<Browser> | undefined;

/** The browser of this process, which lives as long as the process does: starting one takes longer than many a test. */
async function sharedBrowser(): Promise<Browser> {
  const known = await shared;
  if (known?.connected !== true) shared = launch(null, FEW_PROCESSES);
  return shared!;
}

/** Opens the app at a path, at the table or on a phone: from an empty profile, unless a kept one is named, which has a browser of its own. */
export async function openApp(
  path = "/",
  device: Device = TABLE,
  address = inject("address"),
  kept?: string,
  flags: readonly string[] = [],
): Promise<Session> {
  const folder = kept ?? newProfile();
  const downloads = join(folder, "downloads");
  const downloadBehavior = { policy: "allow", downloadPath: downloads } as const;
  const browser = kept === undefined ? await sharedBrowser() : await launch(join(folder, "user"), flags);
  const profile = kept === undefined ? await browser.createBrowserContext({ downloadBehavior }) : browser.defaultBrowserContext();
  const page = (await profile.pages())[0] ?? (await profile.newPage());
  const complaints: string[] = [];
  leavesWhenAsked(page);
  page.on("pageerror", (error) => complaints.push(String(error)));
  page.on("console", (message) => {
    if (message.type() === "error" || message.type() === "warn") complaints.push(message.text());
  });
  const { width, height, phone = false, keepsApp = kept !== undefined } = device;
  if (!keepsApp) await page.evaluateOnNewDocument(() => Reflect.deleteProperty(Navigator.prototype, "serviceWorker"));
  await page.setViewport({ width, height, isMobile: phone, hasTouch: phone });
  await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: "light" }]);
  page.setDefaultTimeout(PATIENCE_MS);
  await page.goto(address + path, { waitUntil: "load" });
  const close = async (): Promise<void> => {
    await (kept === undefined ? profile : browser).close();
    if (kept === undefined) rmSync(folder, { recursive: true, force: true });
  };
  return { browser, profile, page, complaints, downloads, close };
}
