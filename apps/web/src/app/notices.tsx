import { useEffect, useState } from "react";
import { useLocation } from "react-router";
import { useExportAll } from "../screens/use-export-all.ts";
import { isDue, useBackup } from "../store/backup.ts";
import { useStore } from "../store/provider.tsx";
import { useHistory } from "../store/queries.ts";
import { Button } from "../ui/button.tsx";
import { useKeys } from "../ui/keys.tsx";
import { COMMON, SAVE_FAILED, undoOf } from "../words/common.ts";
import { KEEPING } from "../words/keeping.ts";
import { useAppState, useInstall } from "./use-app-state.ts";

const DELETIONS = ["delete-rig", "delete-source", "delete-starter", "delete-load", "delete-reading", "import", "import-loads"] as const;
const SHOWN_MS = 15_000;
/** Where offers may stand: not over a job that is being worked on. */
const QUIET_PLACES = ["/", "/rigs"];

/** What must be said across every screen: a save that failed, a new version, and the way back from a deletion. */
export function Notices() {
  const { failure, undo, redo, kept, slow } = useStore();
  const history = useHistory();
  const { newer, held, update } = useAppState();
  const { backup } = useBackup();
  const { exportAll, busy } = useExportAll();
  const [offered, setOffered] = useState<string | null>(null);
  useKeys({ "ctrl+z": () => void undo(), "ctrl+shift+z": () => void redo(), "ctrl+y": () => void redo() });
  const last = history.undo;
  useEffect(() => {
    setOffered(DELETIONS.find((deletion) => deletion === last) ?? null);
    const timer = setTimeout(() => setOffered(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [last]);
  return (
    <div aria-live="polite" className="shrink-0">
      {!kept && <Bar>{COMMON.notKept}</Bar>}
      {slow && <Bar alert>{COMMON.slowOpen}</Bar>}
      {failure !== null && <Bar alert>{SAVE_FAILED[failure]}</Bar>}
      {newer && held && <Bar>{KEEPING.waits}</Bar>}
      {newer && !held && (
        <Bar>
          <span>{COMMON.newVersion}</span>
          <span className="flex gap-2">
            {backup.changes > 0 && (
              <Button className="text-ink" disabled={busy} onClick={() => void exportAll()}>
                {KEEPING.exportFirst}
              </Button>
            )}
            <Button onClick={update} className="text-ink">
              {COMMON.reload}
            </Button>
          </span>
        </Bar>
      )}
      {offered !== null && last !== null && (
        <Bar>
          <span>{undoOf(last)}</span>
          <Button onClick={() => void undo()} className="text-ink" keyCap="Ctrl Z">
            {COMMON.undo}
          </Button>
        </Bar>
      )}
      <Offers />
    </div>
  );
}

/** One offer at a time, where nothing is being worked on: a copy that is due, or the installing. */
function Offers() {
  const { pathname } = useLocation();
  const { kept } = useStore();
  const { backup, putOff } = useBackup();
  const { exportAll, busy } = useExportAll();
  const install = useInstall();
  if (!kept || !QUIET_PLACES.includes(pathname)) return null;
  if (isDue(backup))
    return (
      <Bar>
        <span>{KEEPING.offer(backup.changes)}</span>
        <span className="flex gap-2">
          <Button className="text-ink" disabled={busy} onClick={() => void exportAll()}>
            {KEEPING.exportNow}
          </Button>
          <Button className="text-ink" onClick={putOff}>
            {KEEPING.later}
          </Button>
        </span>
      </Bar>
    );
  if (install === null) return null;
  return (
    <Bar>
      <span>{KEEPING.install}</span>
      <span className="flex gap-2">
        <Button className="text-ink" onClick={install.install}>
          {KEEPING.installNow}
        </Button>
        <Button className="text-ink" onClick={install.leave}>
          {KEEPING.notNow}
        </Button>
      </span>
    </Bar>
  );
}

function Bar({ alert = false, children }: { readonly alert?: boolean; readonly children: React.ReactNode }) {
  return (
    <div
      role={alert ? "alert" : undefined}
      className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-t-[1.5px] border-ink bg-ink px-4 py-1.5 text-face min-[62.5rem]:px-6"
    >
      {children}
    </div>
  );
}
