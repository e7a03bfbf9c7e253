import { TextField } from "../../ui/text-field.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import { readVolts } from "./volts.ts";

interface VoltsFieldProps {
  readonly label: string;
  readonly value: number | null;
  readonly onVolts: (value: number | null) => void;
}

/** Volts as the meter shows them. */
export function VoltsField({ label, value, onVolts }: VoltsFieldProps) {
  return (
    <TextField
      label={`${label}, V`}
      kept={value === null ? "" : String(value)}
      onText={(text) => {
        const volts = readVolts(text);
        if (volts === undefined) return ISOLATE.badVolts(label);
        onVolts(volts);
        return null;
      }}
    />
  );
}
