import { type ComponentProps, lazy, Suspense, useEffect } from "react";

const load = () => import("./new-rig-sheet.tsx");
const NewRigSheet = lazy(() => load().then((m) => ({ default: m.NewRigSheet })));

/** The sheet that names a rig: its script comes behind the first picture, before anybody asks for it. */
export function LazySheet(props: ComponentProps<typeof NewRigSheet>) {
  useEffect(() => {
    void load().catch(() => undefined);
  }, []);
  return props.open ? (
    <Suspense fallback={null}>
      <NewRigSheet {...props} />
    </Suspense>
  ) : null;
}
