import { TextField } from "../ui/text-field.tsx";
import { SURVEY } from "../words/survey.ts";

const MOST_LETTERS = 120;

/** A name that may not be empty, kept trimmed. */
export function NameField({
  label,
  kept,
  onName,
}: {
  readonly label: string;
  readonly kept: string;
  readonly onName: (name: string) => void;
}) {
  return (
    <TextField
      label={label}
      kept={kept}
      onText={(text) => {
        const name = text.trim();
        if (name === "" || name.length > MOST_LETTERS) return SURVEY.nameMissing;
        onName(name);
        return null;
      }}
    />
  );
}
