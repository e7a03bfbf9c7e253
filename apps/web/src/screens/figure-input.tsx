import type { FigureName } from "@amp-saver/core/figure";
import { FIGURES, readTyped, shownAs, typedText } from "@amp-saver/core/figure";
import type { Origin } from "@amp-saver/core/quantity";
import type { Figure } from "@amp-saver/records";
import { lazy, Suspense } from "react";
import { useSettings } from "../store/settings.tsx";
import { FigureField } from "../ui/figure-field.tsx";
import { useRestore } from "../ui/use-draft.ts";
import { FIGURE_WORDS, figureError } from "../words/survey.ts";

interface FigureInputProps {
  readonly name: FigureName;
  readonly figure: Figure | undefined;
  /** Where a figure typed into an empty field comes from. */
  readonly usual: Origin;
  readonly onChange: (figure: Figure | undefined) => void;
  /** Whether it may be left empty. */
  readonly optional?: boolean;
  readonly placeholder?: string;
  readonly large?: boolean;
  readonly label?: string;
}

const FigurePhoto = lazy(() =>
  import("./figure-photo.tsx").then(
    (m) => ({ default: m.FigurePhoto }),
    () => ({ default: () => null }),
  ),
);

/** A record's figure, shown and typed in the reader's own units. */
export function FigureInput({ name, figure, usual, onChange, optional = true, placeholder, large, label }: FigureInputProps) {
  const { measure } = useSettings();
  const words = FIGURE_WORDS[name];
  const shown = label ?? words.label;
  const restore = useRestore(figure, onChange);
  return (
    <FigureField
      label={shown}
      help={words.help}
      unit={shownAs(name, measure).unit}
      kept={figure === undefined ? "" : typedText(name, measure, figure.value)}
      from={figure?.from ?? null}
      {...(figure?.photo !== undefined && {
        photo: (
          <Suspense fallback={null}>
            <FigurePhoto label={shown} place={figure.photo} />
          </Suspense>
        ),
      })}
      onText={(text) => {
        if (optional && text.trim() === "") {
          onChange(undefined);
          return null;
        }
        const typed = readTyped(name, measure, text);
        if (!typed.ok) return figureError(shown, typed.limits);
        const from = figure === undefined || figure.from === "typical" ? usual : figure.from;
        // What is typed over is no more what stands on the photo.
        const { photo, ...rest } = figure ?? {};
        onChange({ ...rest, value: typed.value, from, ...(photo !== undefined && typed.value === figure?.value && { photo }) });
        return null;
      }}
      restore={restore}
      signed={FIGURES[name].min < 0}
      onFrom={(from) => figure !== undefined && onChange({ value: figure.value, from })}
      {...(placeholder !== undefined && { placeholder })}
      {...(large !== undefined && { large })}
    />
  );
}
