import { type ComponentProps, lazy } from "react";
import { SheetBehind } from "../../ui/sheet-behind.tsx";

const load = () => import("./new-rig-sheet.tsx");
const NewRigSheet = lazy(() => load().then((m) => ({ default: m.NewRigSheet })));

/** The sheet that names a rig. */
export function LazySheet(props: ComponentProps<typeof NewRigSheet>) {
  return (
    <SheetBehind open={props.open} load={load}>
      <NewRigSheet {...props} />
    </SheetBehind>
  );
}
