import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, chord, downloaded, keptIn, press, sees, type, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAtAll } from "./look.ts";

let roof: Session;
let table: Session;
beforeAll(async () => {
  roof = await openApp("/", PHONE);
  table = await openApp();
});
afterAll(async () => {
  await roof.close();
  await table.close();
});

/** Pixels across of the picture with this name, once it is drawn. */
const across = (page: Page, name: string): Promise<number> =>
  until(`the picture ${name}`, () =>
    lookAtAll(page, "img", (all, alt) => all.find((i) => i.alt === alt && i.complete && i.naturalWidth > 0)?.naturalWidth, name),
  );

/** A picture with the tags a camera writes, among them the place it was taken at (Exif 2.32: APP1 after the start of the image). */
function taggedWithPlace(jpeg: Uint8Array): Buffer {
  const entry = (tag: number, type: number, count: number, value: number): Buffer => {
    const bytes = Buffer.alloc(12);
    bytes.writeUInt16LE(tag, 0);
    bytes.writeUInt16LE(type, 2);
    bytes.writeUInt32LE(count, 4);
    bytes.writeUInt32LE(value, 8);
    return bytes;
  };
  const ascii = 2;
  const long = 4;
  const [make, gpsFolder, latitudeSide] = [0x010f, 0x8825, 0x0001];
  const tiff = Buffer.concat([
    Buffer.from("II*\0\x08\0\0\0\x02\0", "latin1"),
    entry(make, ascii, 12, 56),
    entry(gpsFolder, long, 1, 38),
    Buffer.alloc(4),
    Buffer.from([1, 0]),
    entry(latitudeSide, ascii, 2, "N".charCodeAt(0)),
    Buffer.alloc(4),
    Buffer.from("PLACE-OF-IT\0", "latin1"),
  ]);
  const body = Buffer.concat([Buffer.from("Exif\0\0", "latin1"), tiff]);
  const head = Buffer.from([0xff, 0xe1, (body.length + 2) >> 8, (body.length + 2) & 0xff]);
  return Buffer.concat([jpeg.subarray(0, 2), head, body, jpeg.subarray(2)]);
}

/** Whether any picture kept in the browser still bears a camera's tags. */
async function placeKept(page: Page): Promise<boolean> {
  const { blobs } = await keptIn(page);
  if (blobs.length === 0) throw new Error("no picture is kept");
  return blobs.some(({ bytes }) => /Exif|PLACE-OF-IT/.test(Buffer.from(Object.values(bytes)).toString("latin1")));
}

async function choose(page: Page, button: string, path: string): Promise<void> {
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, button)]);
  await chooser.accept([path]);
}

/** Photos of plate and diagram: taken on the roof, taken along in the archive, read in at the table. */
describe("photos of a unit", LONG, () => {
  it("are kept small with the unit and survive a reload", async () => {
    const { page, downloads } = roof;
    await press(page, "New rig");
    await type(page, "Name of the rig", "Slate Wagon");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    const large = await page.screenshot({ type: "jpeg", clip: { x: 0, y: 0, width: 390, height: 400, scale: 6 } });
    const path = join(downloads, "..", "plate.jpg");
    writeFileSync(path, taggedWithPlace(large));
    await choose(page, "Photograph the plate", path);
    await across(page, "Plate 1");
    expect(await placeKept(page)).toBe(false);
    await page.reload();
    expect(await across(page, "Plate 1")).toBe(1560);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("refuse what is no picture, in a sentence that names it", async () => {
    const { page, downloads } = roof;
    const path = join(downloads, "..", "notes.txt");
    writeFileSync(path, "not a picture");
    await choose(page, "Photograph the diagram", path);
    await sees(page, /notes\.txt is not a picture this browser can read/);
    expect(await lookAtAll(page, "img", (all) => all.length)).toBe(1);
  });

  it("bear a note, go and come back", async () => {
    const { page } = roof;
    await page.click("img");
    await type(page, "Note", "under the shroud");
    await press(page, "Close");
    await across(page, "Plate 1, under the shroud");
    await page.click("img");
    await press(page, "Delete this photo");
    await until("the photo to go", async () => (await lookAtAll(page, "img", (all) => all.length)) === 0);
    await chord(page, "z", "Control");
    expect(await across(page, "Plate 1, under the shroud")).toBe(1560);
  });

  it("travel in the archive and are there on another device", async () => {
    await roof.page.goto(new URL("/rigs", roof.page.url()).href);
    await press(roof.page, "Export Slate Wagon");
    const archive = await downloaded(roof.downloads, ".ampsaver.zip");
    const { page } = table;
    await page.goto(new URL("/rigs", page.url()).href);
    await answerLike(page, /No rig is kept/);
    await upload(page, archive);
    await sees(page, /1 × photo: new/);
    await press(page, "Import it");
    await answerLike(page, /1 rig, 1 air conditioner/);
    await press(page, "Roof unit, Will it start?", "click", "link");
    expect(await across(page, "Plate 1, under the shroud")).toBe(1560);
    expect([...roof.complaints, ...table.complaints]).toEqual([]);
  });
});
