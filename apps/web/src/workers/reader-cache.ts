import { readerFiles } from "./letters.ts";

/** Name of what holds the reader's files; the service worker answers from it (`vite.config.ts`). */
const CACHE = "plate-reader";

/** Whether the reader's files are on this device; null where this browser keeps nothing for pages. */
export async function isReaderKept(): Promise<boolean | null> {
  if (!("caches" in globalThis) || navigator.serviceWorker?.controller == null) return null;
  const found = await Promise.all((await readerFiles()).map((file) => caches.match(file)));
  return found.every((answer) => answer !== undefined);
}

/** Loads the reader's files and keeps them; false where one could not be had. */
export async function keepReader(): Promise<boolean> {
  const cache = await caches.open(CACHE);
  return cache.addAll([...(await readerFiles())]).then(
    () => true,
    () => false,
  );
}
