import { type ComponentProps, lazy, Suspense, useState } from "react";
import { Choice } from "../../ui/choice.tsx";
import { PINS } from "../../words/pins.ts";

const PinFace = lazy(() => import("../photos/pin-face.tsx").then((m) => ({ default: m.PinFace })));

const FACES = ["map", "photo"] as const;
type Face = (typeof FACES)[number];

/** The wiring as a map, and on the user's own photo: the same step on both. */
export function TwoFaces({ children, ...photo }: ComponentProps<typeof PinFace> & { readonly children: React.ReactNode }) {
  const [face, setFace] = useState<Face>("map");
  return (
    <div className="mt-3">
      <div className="mb-2 max-w-[420px]">
        <Choice<Face>
          label={PINS.face}
          hideLabel
          value={face}
          options={FACES.map((value) => ({ value, word: PINS.faces[value] }))}
          onChange={setFace}
        />
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
