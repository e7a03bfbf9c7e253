import type { ReadWord } from "@amp-saver/core/study/plate-reading";
import languageUrl from "@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz?url";
import type { createWorker } from "tesseract.js";
import scriptUrl from "tesseract.js/dist/worker.min.js?url";
import plainCoreUrl from "tesseract.js-core/tesseract-core-lstm.wasm.js?url";
import simdCoreUrl from "tesseract.js-core/tesseract-core-simd-lstm.wasm.js?url";
import { simd } from "wasm-feature-detect";

const coreUrl = async (): Promise<string> => ((await simd()) ? simdCoreUrl : plainCoreUrl);

/** Files that reading needs on this device. */
export const readerFiles = async (): Promise<readonly string[]> => [scriptUrl, await coreUrl(), languageUrl];

type Reader = Awaited<ReturnType<typeof createWorker>>;

let reader: Promise<Reader> | null = null;

async function load(): Promise<Reader> {
  const [{ createWorker, OEM, PSM }, corePath] = await Promise.all([import("tesseract.js"), coreUrl()]);
  const made = await createWorker("eng", OEM.LSTM_ONLY, {
    workerPath: scriptUrl,
    corePath,
    langPath: languageUrl.slice(0, languageUrl.lastIndexOf("/")),
    workerBlobURL: false,
    cacheMethod: "none",
  });
  const how = { tessedit_pageseg_mode: PSM.SPARSE_TEXT, user_defined_dpi: "200", debug_file: "/dev/null" };
  await made.setParameters(how);
  return made;
}

/** Words of a picture's file, each with its place; rejects where the reader cannot be loaded. */
export async function lettersOf(file: Uint8Array<ArrayBuffer>): Promise<readonly ReadWord[]> {
  reader ??= load();
  const loaded = await reader.catch((error: unknown) => {
    reader = null;
    throw error;
  });
  const { data } = await loaded.recognize(new Blob([file]), {}, { blocks: true, text: false });
  return (data.blocks ?? []).flatMap(({ paragraphs }) =>
    paragraphs.flatMap(({ lines }) =>
      lines.flatMap(({ words }) => words.map(({ text, confidence, bbox }): ReadWord => ({ text, confidence, box: bbox }))),
    ),
  );
}

/** Ends the reader, whatever it is at; the next question makes it anew. */
export function endReader(): void {
  void reader?.then(
    (made) => made.terminate(),
    () => undefined,
  );
  reader = null;
}
