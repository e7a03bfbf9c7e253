import { NumberField } from "../../ui/number-field.tsx";
import { ISOLATE } from "../../words/isolate.ts";

interface VoltsFieldProps {
  readonly label: string;
  readonly value: number | null;
  readonly onVolts: (value: number | null) => void;
}

/** Most volts that are believed, either sign. */
const MOST_V = 1000;

/** Volts as the meter shows them. */
export function VoltsField({ label, value, onVolts }: VoltsFieldProps) {
  return (
    <NumberField
      label={`${label}, V`}
      kept={value}
      min={-MOST_V}
      max={MOST_V}
      optional
      wrong={ISOLATE.badVolts(label)}
      onNumber={onVolts}
    />
  );
}
