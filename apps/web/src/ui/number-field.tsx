import { readNumber } from "@amp-saver/core/quantity";
import { TextField } from "./text-field.tsx";
import { useRestore } from "./use-draft.ts";

interface NumberFieldProps {
  readonly label: string;
  readonly kept: number | null;
  readonly min: number;
  readonly max: number;
  /** Whether it counts something. */
  readonly whole?: boolean;
  /** Whether it may be left empty. */
  readonly optional?: boolean;
  /** What is said of anything else. */
  readonly wrong: string;
  readonly onNumber: (value: number | null) => void;
}

/** A plain number within bounds on a ruled row, with the keypad for it. */
export function NumberField({ label, kept, min, max, whole = false, optional = false, wrong, onNumber }: NumberFieldProps) {
  const restore = useRestore(kept, onNumber);
  return (
    <TextField
      label={label}
      kept={kept === null ? "" : String(kept)}
      numeric
      signed={min < 0}
      restore={restore}
      onText={(text) => {
        const value = readNumber(text, min, max);
        if (value === undefined || (value === null && !optional) || (whole && value !== null && !Number.isInteger(value))) return wrong;
        onNumber(value);
        return null;
      }}
    />
  );
}
