/** How long a newer app may take to be there, ms. */
const FETCH_MS = 30_000;

/** Asks for a newer app, lets it take over where there is one, and loads the page again. */
export async function takeUpdate(): Promise<void> {
  const registration = await navigator.serviceWorker?.getRegistration();
  await registration?.update().catch(() => undefined);
  const { installing } = registration ?? {};
  if (installing != null) await Promise.race([settled(installing), new Promise((late) => setTimeout(late, FETCH_MS))]);
  registration?.waiting?.postMessage({ type: "SKIP_WAITING" });
  globalThis.location.reload();
}

function settled(worker: ServiceWorker): Promise<void> {
  return new Promise((done) => {
    worker.addEventListener("statechange", () => worker.state !== "installing" && done());
  });
}
