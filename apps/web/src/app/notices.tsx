import { useRegisterSW } from "virtual:pwa-register/react";
import { useEffect, useState } from "react";
import { useStore } from "../store/provider.tsx";
import { useHistory } from "../store/queries.ts";
import { Button } from "../ui/button.tsx";
import { useKeys } from "../ui/keys.tsx";
import { COMMON, SAVE_FAILED, undoOf } from "../words/common.ts";

const DELETIONS = ["delete-rig", "delete-source", "delete-starter", "delete-load", "delete-reading", "import", "import-loads"] as const;
const SHOWN_MS = 15_000;

/** What must be said across every screen: a save that failed, a new version, and the way back from a deletion. */
export function Notices() {
  const { failure, undo, redo, kept } = useStore();
  const history = useHistory();
  const { needRefresh, updateServiceWorker } = useRegisterSW();
  const [offered, setOffered] = useState<string | null>(null);
  useKeys({ "ctrl+z": () => void undo(), "ctrl+shift+z": () => void redo(), "ctrl+y": () => void redo() });
  const last = history.undo;
  useEffect(() => {
    setOffered(last !== null && (DELETIONS as readonly string[]).includes(last) ? last : null);
    const timer = setTimeout(() => setOffered(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [last]);
  const bar = "flex items-center justify-between gap-3 border-t-[1.5px] border-ink bg-ink px-4 py-1.5 text-face min-[1000px]:px-6";
  return (
    <div aria-live="polite" className="shrink-0">
      {!kept && <p className={bar}>{COMMON.notKept}</p>}
      {failure !== null && (
        <p role="alert" className={bar}>
          {SAVE_FAILED[failure]}
        </p>
      )}
      {needRefresh[0] && (
        <div className={bar}>
          {COMMON.newVersion}{" "}
          <Button onClick={() => void updateServiceWorker(true)} className="text-ink">
            {COMMON.reload}
          </Button>
        </div>
      )}
      {offered !== null && last !== null && (
        <div className={bar}>
          <span>{undoOf(last)}</span>
          <Button onClick={() => void undo()} className="text-ink" keyCap="Ctrl Z">
            {COMMON.undo}
          </Button>
        </div>
      )}
    </div>
  );
}
