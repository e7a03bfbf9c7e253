import { useState } from "react";
import { useBackup } from "../store/backup.ts";
import { saveFile } from "../ui/save-file.ts";
import { RIGS } from "../words/home.ts";
import { useExchange } from "../workers/use-exchange.ts";

/** Exports every rig as one file, and notes that it was done. */
export function useExportAll(): { readonly exportAll: () => Promise<void>; readonly busy: boolean; readonly failed: boolean } {
  const { run, task } = useExchange();
  const { exported } = useBackup();
  const [failed, setFailed] = useState(false);
  const exportAll = async (): Promise<void> => {
    setFailed(false);
    const wanted = { what: "all", name: RIGS.allName } as const;
    const file = await run("out", (exchanger, tell) => exchanger.out(wanted, tell)).catch(() => null);
    setFailed(file === null);
    if (file === null) return;
    saveFile(file.name, file.blob, file.blob.type);
    exported();
  };
  return { exportAll, busy: task !== null, failed };
}
