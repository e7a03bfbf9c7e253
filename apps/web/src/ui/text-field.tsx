import { useId } from "react";
import { COMMON } from "../words/common.ts";
import { FieldError } from "./field-error.tsx";
import { SignButton } from "./sign-button.tsx";
import { type Restore, useDraft } from "./use-draft.ts";

interface TextFieldProps {
  readonly label: string;
  readonly kept: string;
  /** Most letters of it. */
  readonly most?: number;
  /** Whether a number goes here. */
  readonly numeric?: boolean;
  /** Whether the number may lie below zero. */
  readonly signed?: boolean;
  /** Takes a text; says what is wrong with it, or null when it was kept. */
  readonly onText: (text: string) => string | null;
  /** What a refused text leaves in place. */
  readonly restore?: Restore;
}

/** A line of text on a ruled row, kept as it is typed. */
export function TextField({
  label,
  kept,
  most = Number.POSITIVE_INFINITY,
  numeric = false,
  signed = false,
  onText,
  restore,
}: TextFieldProps) {
  const id = useId();
  const { shown, error, type, leave } = useDraft(
    label,
    kept,
    (text) => (text.length > most ? COMMON.tooLong(label, most) : onText(text)),
    restore,
  );
  return (
    <div className="border-b border-hair py-1.5">
      <div className="flex items-center justify-between gap-3">
        <label htmlFor={id} className="min-w-0 text-body">
          {label}
        </label>
        {signed && <SignButton label={label} text={shown} onText={type} />}
        <input
          id={id}
          type="text"
          inputMode={numeric ? "decimal" : "text"}
          autoComplete="off"
          value={shown}
          aria-invalid={error !== null}
          aria-describedby={error === null ? undefined : `${id}-error`}
          onChange={(event) => type(event.target.value)}
          onBlur={leave}
          className="edge min-h-[34px] w-full min-w-[110px] max-w-[260px] bg-face px-2 font-semibold pointer-coarse:min-h-[48px]"
        />
      </div>
      <FieldError id={`${id}-error`} error={error} />
    </div>
  );
}
