import type { FigureName } from "@amp-saver/core/figure";
import { MOST_POINTS } from "@amp-saver/records";
import { useId, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { FieldError } from "../../ui/field-error.tsx";
import { useKeptText } from "../../ui/use-kept-text.ts";
import { SOURCE_WORDS } from "../../words/sources.ts";
import { pointsText, readPoints } from "./points.view.ts";

interface PointsFormProps {
  readonly label: string;
  readonly help: string;
  readonly points: readonly (readonly [number, number])[];
  readonly names: readonly [FigureName | "multiple", FigureName | "seconds"];
  readonly onChange: (points: readonly (readonly [number, number])[]) => string | null;
}

/** Pairs of figures typed one pair a line, kept when all of them can be read. */
export function PointsForm({ label, help, points, names, onChange }: PointsFormProps) {
  const id = useId();
  const kept = pointsText(points);
  const [text, setText] = useKeptText(label, kept);
  const [error, setError] = useState<string | null>(null);
  const changed = text.trim() !== kept;
  return (
    <div className="border-b border-hair py-1.5">
      <label htmlFor={id} className="block text-body">
        {label}
      </label>
      <p id={`${id}-help`} className="text-small leading-[1.15] text-ink2">
        {help}
      </p>
      <textarea
        id={id}
        value={text}
        rows={Math.min(MOST_POINTS, Math.max(2, points.length + 1))}
        aria-invalid={error !== null}
        aria-describedby={error === null ? `${id}-help` : `${id}-error`}
        onChange={(event) => {
          setText(event.target.value);
          setError(null);
        }}
        className={`figure edge mt-1 block w-full bg-face px-2 py-1 text-body ${error === null ? "" : "border-lead"}`}
      />
      <FieldError id={`${id}-error`} error={error} />
      {changed && (
        <div className="mt-1 flex gap-2">
          <Button
            onClick={() => {
              const read = readPoints(text, names);
              if (!read.ok) {
                setError(SOURCE_WORDS.pointError(label, read.line, read.limits));
                return;
              }
              setError(onChange(read.points));
            }}
          >
            {SOURCE_WORDS.pointsKeep}
          </Button>
          <Button
            look="quiet"
            onClick={() => {
              setText(kept);
              setError(null);
            }}
          >
            {SOURCE_WORDS.pointsBack}
          </Button>
        </div>
      )}
    </div>
  );
}
