import { StrictMode } from "react";
import { createRoot, type Root } from "react-dom/client";
import { RouterProvider } from "react-router/dom";
import { NewerData } from "./app/newer-data.tsx";
import { makeRouter } from "./app/routes.tsx";
import { importCommit } from "./store/commands.ts";
import { NEWER, type OpenStore, openStore } from "./store/open.ts";
import { StoreProvider } from "./store/provider.tsx";
import { SettingsProvider, useSettings } from "./store/settings.tsx";
import { KeysProvider } from "./ui/keys.tsx";
import { Patterns } from "./ui/patterns.tsx";
import { COMMON } from "./words/common.ts";
import "./style.css";

/** How long the records may take to open before that is said, ms. */
const SLOW_OPEN_MS = 4000;
const element = document.getElementById("root");
const slow = setTimeout(() => element?.replaceChildren(COMMON.slowOpen), SLOW_OPEN_MS);
const opened = await openStore();
clearTimeout(slow);
const router = makeRouter();
if (opened !== NEWER) await fillDemo(opened);
element?.replaceChildren();
if (element !== null) draw(createRoot(element), opened);

/** Gives an empty demo its rigs. */
async function fillDemo({ store }: OpenStore): Promise<void> {
  if (import.meta.env.MODE !== "demo" || (await store.list("rig")).length > 0 || (await store.history()).undo !== null) return;
  const { demoRecords } = await import("@amp-saver/records/demo");
  await store.commit({ ...importCommit(demoRecords()), silent: true });
}

function App() {
  const { shortcuts } = useSettings();
  return (
    <KeysProvider enabled={shortcuts}>
      <Patterns />
      <RouterProvider router={router} />
    </KeysProvider>
  );
}

function draw(root: Root, what: OpenStore | typeof NEWER): void {
  root.render(
    <StrictMode>
      <SettingsProvider>
        {what === NEWER ? (
          <NewerData />
        ) : (
          <StoreProvider open={what}>
            <App />
          </StoreProvider>
        )}
      </SettingsProvider>
    </StrictMode>,
  );
}
