import { TEXT_MOST } from "@amp-saver/records";
import { TextField } from "../ui/text-field.tsx";
import { nameError } from "../words/survey.ts";

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
      most={TEXT_MOST.name}
      onText={(text) => {
        const wrong = nameError(label, text);
        if (wrong === null) onName(text.trim());
        return wrong;
      }}
    />
  );
}
