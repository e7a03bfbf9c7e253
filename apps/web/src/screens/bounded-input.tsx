import type { FigureName } from "@amp-saver/core/figure";
import { FIGURES, readTyped, shownAs, typedText } from "@amp-saver/core/figure";
import { useSettings } from "../store/settings.tsx";
import { FigureField } from "../ui/figure-field.tsx";
import { useRestore } from "../ui/use-draft.ts";
import { FIGURE_WORDS, figureError } from "../words/survey.ts";

interface BoundedInputProps {
  readonly name: FigureName;
  readonly value: number | null;
  /** Called with null where it was cleared, which only an optional one may be. */
  readonly onChange: (value: number | null) => void;
  readonly optional?: boolean;
  readonly label?: string;
  /** What stands under the label in place of the figure’s own. */
  readonly help?: string;
  readonly placeholder?: string;
}

/** A plain number of a record, shown and typed in the reader's own units. */
export function BoundedInput({ name, value, onChange, optional = false, label, help, placeholder }: BoundedInputProps) {
  const { measure } = useSettings();
  const restore = useRestore(value, onChange);
  const shown = label ?? FIGURE_WORDS[name].label;
  return (
    <FigureField
      label={shown}
      help={help ?? FIGURE_WORDS[name].help}
      unit={shownAs(name, measure).unit}
      kept={value === null ? "" : typedText(name, measure, value)}
      from={null}
      onText={(text) => {
        if (optional && text.trim() === "") {
          onChange(null);
          return null;
        }
        const typed = readTyped(name, measure, text);
        if (!typed.ok) return figureError(shown, typed.limits);
        onChange(typed.value);
        return null;
      }}
      restore={restore}
      signed={FIGURES[name].min < 0}
      {...(placeholder !== undefined && { placeholder })}
    />
  );
}
