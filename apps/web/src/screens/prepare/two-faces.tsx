import { type ComponentProps, lazy, Suspense, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { PINS } from "../../words/pins.ts";

const PinFace = lazy(() => import("../photos/pin-face.tsx").then((m) => ({ default: m.PinFace })));

type Face = keyof typeof PINS.faces;

/** The wiring as a map, and on the user's own photo: the same step on both. */
export function TwoFaces({ children, ...photo }: ComponentProps<typeof PinFace> & { readonly children: React.ReactNode }) {
  const [face, setFace] = useState<Face>("map");
  const other: Face = face === "map" ? "photo" : "map";
  return (
    <div className="mt-2">
      <div className="flex justify-end">
        <Button look="quiet" onClick={() => setFace(other)}>
          {PINS.faces[other]}
        </Button>
      </div>
      {face === "map" ? (
        children
      ) : (
        <Suspense fallback={null}>
          <PinFace {...photo} />
        </Suspense>
      )}
    </div>
  );
}
