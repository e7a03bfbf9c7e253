import plain from "@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url";
import bold from "@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf?url";
import slab from "@expo-google-fonts/hepta-slab/HeptaSlab_700Bold.ttf?url";
import type { TDocumentDefinitions } from "pdfmake/interfaces";
import { printable, printableDocument } from "./printable.ts";
import { TOO_LONG } from "./too-long.ts";

/** Names of the fonts a document may ask for. */
export const PDF_FONT = { text: "Atkinson", figure: "Hepta" } as const;
/** Colour of what warns, on paper. */
export const PDF_LEAD = "#C01D0C";

const at = (url: string): string => new URL(url, document.baseURI).href;
const FONTS = {
  [PDF_FONT.text]: { normal: at(plain), bold: at(bold), italics: at(plain), bolditalics: at(bold) },
  [PDF_FONT.figure]: { normal: at(slab), bold: at(slab), italics: at(slab), bolditalics: at(slab) },
};

/** Longest that making a PDF may take, its script's loading and all, ms. */
const LIMIT_MS = 60_000;

const makeWorker = (): Worker => new Worker(new URL("../workers/pdf.worker.ts", import.meta.url), { type: "module" });
let waiting: Worker | null = null;

/** Starts the worker of the next PDF ahead of time, since reading its script takes longer than a page; gives back what sends it away unused. */
export function awaitPdf(): () => void {
  waiting ??= makeWorker();
  waiting.onerror = () => {
    waiting = null;
  };
  return () => {
    waiting?.terminate();
    waiting = null;
  };
}

/** Makes a PDF in a worker with the app's own fonts; nothing is asked of any other machine. `foot` has {page} and {pages}. */
export function makePdf(content: TDocumentDefinitions, foot = ""): Promise<Blob> {
  const worker = waiting ?? makeWorker();
  waiting = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  return new Promise<Blob>((done, fail) => {
    timer = setTimeout(() => fail(new Error(TOO_LONG)), LIMIT_MS);
    worker.onmessage = ({ data }: MessageEvent<{ ok: true; blob: Blob } | { ok: false; reason: string }>) =>
      data.ok ? done(data.blob) : fail(new Error(data.reason));
    worker.onerror = (event) => fail(new Error(event.message));
    worker.postMessage({ content: printableDocument(content), fonts: FONTS, foot: printable(foot), lead: PDF_LEAD });
  }).finally(() => {
    clearTimeout(timer);
    worker.terminate();
  });
}
