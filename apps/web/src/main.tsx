import { StrictMode, useSyncExternalStore } from "react";
import { createRoot } from "react-dom/client";
import { NewerData } from "./app/newer-data.tsx";
import { Addresses } from "./app/routes.tsx";
import { importCommit } from "./store/commands.ts";
import { noteKept } from "./store/kept-before.ts";
import { beginOpening } from "./store/opening.ts";
import { StoreProvider } from "./store/provider.tsx";
import { SettingsProvider, useSettings } from "./store/settings.tsx";
import { KeysProvider } from "./ui/keys.tsx";
import { Patterns } from "./ui/patterns.tsx";
import "./style.css";

const opening = beginOpening(async () => {
  const { NEWER, openStore } = await import("./store/open.ts");
  const opened = await openStore();
  if (opened !== NEWER) await fillDemo(opened.store);
  return opened;
});
if (import.meta.env.MODE === "demo") noteKept(1);

/** Gives an empty demo its rigs. */
async function fillDemo(store: typeof opening.store): Promise<void> {
  if (import.meta.env.MODE !== "demo" || (await store.list("rig")).length > 0 || (await store.history()).undo !== null) return;
  const { demoRecords } = await import("@amp-saver/records/demo");
  await store.commit({ ...importCommit(demoRecords()), silent: true });
}

function App() {
  const { shortcuts } = useSettings();
  return (
    <KeysProvider enabled={shortcuts}>
      <Patterns />
      <Addresses />
    </KeysProvider>
  );
}

function Opened() {
  const state = useSyncExternalStore(opening.watch, opening.state);
  if (state === "newer") return <NewerData />;
  return (
    <StoreProvider store={opening.store} opening={state}>
      <App />
    </StoreProvider>
  );
}

const element = document.getElementById("root");
if (element !== null)
  createRoot(element).render(
    <StrictMode>
      <SettingsProvider>
        <Opened />
      </SettingsProvider>
    </StrictMode>,
  );
