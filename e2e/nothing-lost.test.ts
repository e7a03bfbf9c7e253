import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { CDPSession } from "puppeteer-core";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { aim, hit } from "./aim.ts";
import { openApp, type Session } from "./browser.ts";
import { answerLike, fieldValue, go, named, ownRig, press, sees, type, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt, lookAtAll } from "./look.ts";

let session: Session;
let cdp: CDPSession;
beforeEach(async () => {
  session = await openApp();
  cdp = await session.page.createCDPSession();
});
afterEach(() => session.close());

describe("a page that goes away", LONG, () => {
  it("has kept every letter, however soon it went and however slow the machine", async () => {
    const { page, complaints } = session;
    await ownRig(page);
    await cdp.send("Emulation.setCPUThrottlingRate", { rate: 6 });
    for (const [k, amps] of ["41.3", "52.7", "63.1"].entries()) {
      await type(page, "Locked rotor amps", amps);
      await page.evaluate((ms) => new Promise<void>((gone) => setTimeout(gone, ms)), 10 * k);
      await page.reload({ waitUntil: "load" });
      expect([k, await fieldValue(page, "Locked rotor amps")]).toEqual([k, amps]);
    }
    const ticked = await named(page, "radio", "230 V, 50 Hz");
    await until("a finger on it", async () => {
      const at = await aim(ticked);
      return typeof at !== "string" && hit(page, { ...at, ticked: null }, "click");
    });
    await page.reload({ waitUntil: "load" });
    expect(await (await named(page, "radio", "230 V, 50 Hz")).evaluate((e) => e.getAttribute("aria-checked"))).toBe("true");
    expect(await page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith("amp-saver pending")))).toEqual([]);
    expect(complaints).toEqual([]);
  });

  it("leaves what is half typed: a figure out of its limits, a name, a reading, and undo takes none of it", async () => {
    const { page, complaints } = session;
    await press(page, "New rig");
    await type(page, "Name of the rig", "Slate Wag");
    await page.reload({ waitUntil: "load" });
    await press(page, "New rig");
    expect(await fieldValue(page, "Name of the rig")).toBe("Slate Wag");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await type(page, "Locked rotor amps", "9999");
    await sees(page, /Locked rotor amps must be a number from 2\.0 to 1,000 A\./);
    await page.reload({ waitUntil: "load" });
    await until("the figure that is too large", async () => (await fieldValue(page, "Locked rotor amps")) === "9999");
    await type(page, "Locked rotor amps", "63");
    await go(page, page.url().replace("/survey", "/prove"));
    await type(page, "Amps", "49.");
    await type(page, "Meter", "my old clamp");
    await page.reload({ waitUntil: "load" });
    await until("the reading half typed", async () => (await fieldValue(page, "Amps")) === "49.");
    expect(await fieldValue(page, "Meter")).toBe("my old clamp");
    await go(page, `${page.url()}/after`);
    await until("the same under the address of the part", async () => (await fieldValue(page, "Amps")) === "49.");
    await go(page, page.url().replace("/after", "?part=readings"));
    await until("the address of before to lead there", async () => page.url().endsWith("/prove/after"));
    await page.keyboard.press("Escape");
    await type(page, "Amps", "49.5");
    await press(page, "Keep this reading");
    await sees(page, /49\.5/);
    await page.reload({ waitUntil: "load" });
    expect(await fieldValue(page, "Amps")).toBe("");
    expect(complaints).toEqual([]);
  });

  it("takes no photo with it, though a second tab opens meanwhile", async () => {
    const { page, profile, downloads } = session;
    await ownRig(page);
    const path = join(downloads, "..", "plate.png");
    writeFileSync(path, await page.screenshot({ clip: { x: 0, y: 0, width: 390, height: 400, scale: 3 } }));
    const address = page.url();
    const second = await profile.newPage();
    for (let k = 0; k < 4; k++) {
      await page.bringToFront();
      const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph the diagram")]);
      await chooser.accept([path]);
      await second.goto(new URL("/rigs", address).href, { waitUntil: "load" });
    }
    await page.bringToFront();
    await until("four photos taken in", async () => {
      const text = await lookAt(page, "main", (e) => e.textContent ?? "");
      return !/Keeping (the|\d) photo/.test(text) && (await page.$$("main li img")).length === 4;
    });
    await page.reload({ waitUntil: "load" });
    const drawn = (): Promise<number> => lookAtAll(page, "img", (all) => all.filter((i) => i.complete && i.naturalWidth > 0).length);
    await until("four photos with their pixels", async () => (await drawn()) === 4);
  });
});

describe("a photo under way", () => {
  it("is told, and leaving the page meanwhile is in use", async () => {
    const { page, downloads } = session;
    await ownRig(page);
    const path = join(downloads, "..", "plate.png");
    writeFileSync(path, await page.screenshot({ clip: { x: 0, y: 0, width: 200, height: 200 } }));
    await page.evaluate(() => {
      const drawn = globalThis.createImageBitmap;
      const released = new Promise((go) => addEventListener("let the photo go", go, { once: true }));
      globalThis.createImageBitmap = async (file: ImageBitmapSource) => {
        await released;
        return drawn(file);
      };
    });
    const stays = (): Promise<boolean> => page.evaluate(() => !dispatchEvent(new Event("beforeunload", { cancelable: true })));
    expect(await stays()).toBe(false);
    await upload(page, path);
    await sees(page, /Keeping the photo\./);
    expect(await stays()).toBe(true);
    await page.evaluate(() => void dispatchEvent(new Event("let the photo go")));
    await until("the photo", async () => (await page.$$("main li img")).length === 1);
    await until("nothing under way", async () => !/Keeping the photo/.test(await lookAt(page, "main", (e) => e.textContent ?? "")));
    expect(await stays()).toBe(false);
  });
});

describe("text at twice its size", LONG, () => {
  it("grows its letters and gives them the lines they need", async () => {
    const { page } = session;
    await ownRig(page);
    await page.addStyleTag({ content: "html { font-size: 200% }" });
    const crowded = await lookAtAll(page, "main p, main span, main label, main h2", (all) =>
      all
        .map((e) => ({
          text: e.textContent?.slice(0, 30),
          size: Number.parseFloat(getComputedStyle(e).fontSize),
          line: Number.parseFloat(getComputedStyle(e).lineHeight),
        }))
        .filter(({ size, line }) => size < 27 || line < size),
    );
    expect(crowded).toEqual([]);
  });
});

describe("the browser’s own failures", () => {
  it("a write that fails is told", async () => {
    const { page } = session;
    await ownRig(page);
    await page.evaluate(() => {
      IDBObjectStore.prototype.put = () => {
        throw new DOMException("the disk", "DataError");
      };
    });
    await type(page, "Locked rotor amps", "63");
    await sees(page, /Not saved: the browser stopped/);
  });

  it("records that are deleted, or taken away by the browser, are told at once", LONG, async () => {
    const { page, profile } = session;
    await ownRig(page);
    const other = await profile.newPage();
    await other.goto(new URL("/icon-192.png", page.url()).href);
    await other.evaluate(() => void indexedDB.deleteDatabase("amp-saver"));
    await page.bringToFront();
    await sees(page, /The records on this device were deleted/);
    await go(page, "/");
    await ownRig(page);
    await cdp.send("Storage.clearDataForOrigin", { origin: new URL(page.url()).origin, storageTypes: "indexeddb" });
    await sees(page, /The browser closed the records/);
  });

  it("an older app beside newer records says so and changes nothing", LONG, async () => {
    const { page } = session;
    await ownRig(page);
    await go(page, "/icon-192.png");
    await page.evaluate(async () => {
      const opening = indexedDB.open("amp-saver", 990);
      await new Promise((done) => {
        opening.onsuccess = done;
      });
      opening.result.close();
    });
    await go(page, "/");
    await sees(page, /written by a newer version of Amp Saver/);
    await named(page, "button", "Get the newer version");
    expect(await page.evaluate(() => indexedDB.databases().then((all) => all[0]?.version))).toBe(990);
  });
});

describe("what takes too long", LONG, () => {
  it("is ended, said, and worked out when it is asked again", async () => {
    const { page } = session;
    await page.evaluateOnNewDocument(() => {
      const Real = Worker;
      const stuck = sessionStorage.getItem("stuck") === null;
      sessionStorage.setItem("stuck", "once");
      let made = 0;
      globalThis.Worker = class extends Real {
        constructor(url: string | URL, options?: WorkerOptions) {
          super(url, options);
          if (!stuck || !String(url).includes("study.worker")) return;
          made += 1;
          const mine = made;
          // The first worker of its kind is asked, says that it is there, and then never answers again.
          const post = this.postMessage.bind(this);
          let asked = 0;
          this.postMessage = ((...args: Parameters<Worker["postMessage"]>) => {
            asked += 1;
            if (asked === 1 || mine > 1) post(...args);
          }) as Worker["postMessage"];
        }
      };
    });
    await press(page, "Look at an example");
    await answerLike(page, /Tin Lantern: /);
    await page.evaluate(() => sessionStorage.removeItem("stuck"));
    await go(page, "/job/demo-rear-job/check");
    await sees(page, /took over 10 s, so it was stopped/);
    // Asks again as the page offers, should nothing else have asked meanwhile.
    await answerLike(page, /tries|to spare|shuts off/);
  });
});

describe("a copy elsewhere", LONG, () => {
  it("is offered after ten changes of weight, and what is known of the last one is told", async () => {
    const { page } = session;
    await ownRig(page);
    await go(page, page.url().replace("/survey", "/prove"));
    for (let k = 0; k < 9; k++) {
      await type(page, "Amps", `4${k}.5`);
      await press(page, "Keep this reading");
      await sees(page, new RegExp(`4${k}\\.5`));
    }
    await go(page, "/");
    await sees(page, /10 changes since the last export of all rigs/);
    await press(page, "Later");
    await until(
      "the offer to go",
      async () => !/since the last export of all/.test(await lookAt(page, "body", (e) => e.textContent ?? "")),
    );
    await go(page, "/rigs");
    await sees(page, /Nothing has been exported from this device yet. 10 changes exist only here\./);
    await press(page, "Export all");
    await sees(page, /All rigs were last exported less than a day ago; no changes since\./);
    await sees(page, /MB of .* on this device are used/);
  });
});

describe("a page that is left while it opens", LONG, () => {
  it("does not keep the next one waiting", async () => {
    for (let left = 3; left > 0; left--) {
      await go(session.page, "/instruments");
      await sees(session.page, /Which instruments/);
      expect(session.complaints).toEqual([]);
      await session.close();
      session = await openApp();
    }
  });
});

describe("eight tabs that listen to instruments", LONG, () => {
  it("all load and all show them: the browser has one stream for all", async () => {
    const { page, profile } = session;
    await go(page, "/instruments");
    const pages = [page];
    for (let k = 0; k < 7; k++) {
      const next = await profile.newPage();
      await next.goto(page.url(), { waitUntil: "load" });
      pages.push(next);
    }
    for (const each of pages) {
      await each.bringToFront();
      await sees(each, /Clamp meter/);
      await sees(each, /\d A\b/);
    }
    for (const each of pages.slice(1)) await each.close();
    await page.bringToFront();
    await sees(page, /Clamp meter/);
  });
});

describe("what is typed too long or cannot be seen", () => {
  it("is refused with the field and the limit, and stays to be mended", async () => {
    const { page } = session;
    await ownRig(page);
    const paste = async (label: string, text: string): Promise<void> => {
      const field = await named(page, "textbox", label);
      await field.click({ count: 3 });
      await cdp.send("Input.insertText", { text });
    };
    await paste("Note", "n".repeat(2001));
    await sees(page, /Note is too long: at most 2,000 letters\./);
    expect((await fieldValue(page, "Note")).length).toBe(2001);
    await press(page, "More, if the plate has it");
    await paste("Model, as printed", "m".repeat(201));
    await sees(page, /Model, as printed is too long: at most 200 letters\./);
    await press(page, "Amp Saver: Back to the logbook", "click", "link");
    await press(page, "New rig");
    await paste("Name of the rig", "\u200b\u3164\u2060");
    await page.keyboard.press("Enter");
    await sees(page, /Name of the rig is missing: 1 to 120 letters that can be seen\./);
  });
});
