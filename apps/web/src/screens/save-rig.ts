import type { RecordStore } from "../store/port.ts";
import { saveFile } from "../ui/save-file.ts";

/** Hands the browser one file with everything of a rig, called by its name where that is wanted. */
export async function saveRig(store: RecordStore, rigId: string, named: boolean): Promise<void> {
  const { rigsOut } = await import("../exchange/rigs-out.ts");
  const file = await rigsOut(store, { what: "rig", rigId, named }, () => undefined);
  if (file !== null) saveFile(file.name, file.blob, file.blob.type);
}
