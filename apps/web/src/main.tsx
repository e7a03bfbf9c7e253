import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router/dom";
import { makeRouter } from "./app/routes.tsx";
import { importCommit } from "./store/commands.ts";
import { openStore } from "./store/open.ts";
import { StoreProvider } from "./store/provider.tsx";
import { SettingsProvider, useSettings } from "./store/settings.tsx";
import { KeysProvider } from "./ui/keys.tsx";
import { Patterns } from "./ui/patterns.tsx";
import { COMMON } from "./words/common.ts";
import "./style.css";

/** How long the records may take to open before that is said, ms. */
const SLOW_OPEN_MS = 4000;
const root = document.getElementById("root");
const slow = setTimeout(() => root?.replaceChildren(COMMON.slowOpen), SLOW_OPEN_MS);
const opened = await openStore();
clearTimeout(slow);

if (import.meta.env.MODE === "demo" && (await opened.store.list("rig")).length === 0 && (await opened.store.history()).undo === null) {
  const { demoRecords } = await import("@amp-saver/records/demo");
  await opened.store.commit({ ...importCommit(demoRecords()), silent: true });
}
void navigator.storage?.persist?.().catch(() => false);

function App() {
  const { shortcuts } = useSettings();
  return (
    <KeysProvider enabled={shortcuts}>
      <Patterns />
      <RouterProvider router={router} />
    </KeysProvider>
  );
}

const router = makeRouter();
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <SettingsProvider>
        <StoreProvider open={opened}>
          <App />
        </StoreProvider>
      </SettingsProvider>
    </StrictMode>,
  );
}
