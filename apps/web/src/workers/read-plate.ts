import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { type PlateKind, type PlateReading, type ReadWord, type Turn, textOf } from "@amp-saver/core/study/plate-reading";
import type { PlateEye } from "./plate.worker.ts";
import { WorkerQueue } from "./worker-queue.ts";

/** Why a photo could not be read. */
export type PlateRefusal = "not-a-picture" | "no-reader" | "too-long";

/** Longest side that is looked at, pixels: more makes no letter plainer. */
const MOST_SIDE = 2600;
/** Longest that a photo may take to be made ready, and to be read with the reader's own loading, ms. */
const PREPARE_MS = 30_000;
const READ_MS = 120_000;

/** The words that were read, look by look. */
export type PlateWords = readonly { readonly words: readonly ReadWord[]; readonly turn: Turn }[];

let queue: WorkerQueue<PlateEye> | undefined;

function eye(): WorkerQueue<PlateEye> {
  queue ??= new WorkerQueue(() => new Worker(new URL("./plate.worker.ts", import.meta.url), { type: "module" }), 1, PREPARE_MS);
  return queue;
}

async function pixelsOf(file: Blob): Promise<ImageData | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return null;
  const scale = Math.min(1, MOST_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const context = canvas.getContext("2d", { willReadFrequently: true });
  context?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return context?.getImageData(0, 0, canvas.width, canvas.height) ?? null;
}

/** Every word of a photo, looked at twice, on this device. Never rejects, and ends within its limits. */
export async function wordsOfPlate(file: Blob): Promise<Result<PlateWords, PlateRefusal>> {
  const pixels = await pixelsOf(file);
  if (pixels === null) return fail("not-a-picture", "");
  const looks = await eye().ask((remote) => remote.prepare(pixels.width, pixels.height, pixels.data), { rank: 0 });
  if (!looks.ok) return fail(looks.reason === "too-long" ? "too-long" : "no-reader", looks.where);
  const letters = await import("./letters.ts").catch(() => null);
  if (letters === null) return fail("no-reader", "");
  const { endReader, lettersOf } = letters;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<Result<PlateWords, PlateRefusal>>((settle) => {
    timer = setTimeout(() => {
      endReader();
      settle(fail("too-long", ""));
    }, READ_MS);
  });
  const read = async (): Promise<Result<PlateWords, PlateRefusal>> => {
    const words: { words: readonly ReadWord[]; turn: Turn }[] = [];
    for (const { file: look, turn } of looks.value) words.push({ words: await lettersOf(look), turn });
    return ok(words);
  };
  const answer = read().catch((error: unknown) => fail("no-reader" as const, error instanceof Error ? error.message : String(error)));
  return Promise.race([answer, late]).finally(() => clearTimeout(timer));
}

/** The text of a printed page, line by line, from the look of which the reader is surer. Never rejects, and ends within its limits. */
export async function textOfPage(file: Blob): Promise<Result<string, PlateRefusal>> {
  const looks = await wordsOfPlate(file);
  if (!looks.ok) return looks;
  const sure = (words: readonly ReadWord[]): number => words.reduce((sum, { confidence }) => sum + confidence, 0);
  const best = looks.value.toSorted((a, b) => sure(b.words) - sure(a.words))[0];
  return ok(best === undefined ? "" : textOf(best.words));
}

/** What the words of a plate of this kind say; null where that came to no answer. */
export async function readingOf(words: PlateWords, kind: PlateKind): Promise<PlateReading | null> {
  const answer = await eye().ask((remote) => remote.read(words, kind), { rank: 0 });
  return answer.ok ? answer.value : null;
}
