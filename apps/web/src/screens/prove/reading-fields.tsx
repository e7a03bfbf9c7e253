import { FIGURES, type FigureName, readTyped, typedText } from "@amp-saver/core/figure";
import { TEXT_MOST } from "@amp-saver/records";
import type { ReactNode } from "react";
import type { UseFormReturn } from "react-hook-form";
import { useSettings } from "../../store/settings.tsx";
import { FieldError } from "../../ui/field-error.tsx";
import { SignButton } from "../../ui/sign-button.tsx";
import { COMMON } from "../../words/common.ts";
import { PROVE } from "../../words/prove.ts";
import type { ReadingFields } from "./reading-side.view.ts";

const FIELD = "edge min-h-[36px] w-full bg-face px-2 pointer-coarse:min-h-[48px]";

interface FieldProps<Name extends keyof ReadingFields> {
  readonly form: UseFormReturn<ReadingFields>;
  readonly field: Name;
  readonly label: string;
}

interface TypedProps<Name extends keyof ReadingFields> extends FieldProps<Name> {
  /** What is wrong with it. */
  readonly error: string | undefined;
}

/** A field under its name, with what is wrong with it. */
function Named({ field, label, error, children }: Omit<TypedProps<keyof ReadingFields>, "form"> & { readonly children: ReactNode }) {
  return (
    <div>
      <label htmlFor={`reading-${field}`} className="block text-small text-ink2">
        {label}
      </label>
      {children}
      <FieldError id={`reading-${field}-error`} error={error ?? null} />
    </div>
  );
}

/** How a field tells a screen reader what is wrong with it. */
const wrong = (field: string, error: string | undefined) => ({
  "aria-invalid": error !== undefined,
  "aria-describedby": error === undefined ? undefined : `reading-${field}-error`,
});

interface ReadingNumberProps extends TypedProps<"amps" | "volts" | "rest" | "outdoor"> {
  readonly name: FigureName;
  /** Whether it is the figure that the reading is about. */
  readonly required?: boolean;
  /** What stands where nothing is typed; null for nothing. */
  readonly counted?: number | null;
}

/** A figure of a reading. */
export function ReadingNumber({ form, field, label, error, name, required = false, counted = null }: ReadingNumberProps) {
  const { measure } = useSettings();
  const validate = (text: string): true | string => {
    if (!required && text.trim() === "") return true;
    const typed = readTyped(name, measure, text);
    return typed.ok || PROVE.required(label, typed.limits);
  };
  return (
    <Named field={field} label={label} error={error}>
      <span className="flex gap-1">
        {FIGURES[name].min < 0 && (
          <SignButton label={label} text={form.getValues(field)} onText={(text) => form.setValue(field, text, { shouldValidate: true })} />
        )}
        <input
          id={`reading-${field}`}
          type="text"
          inputMode="decimal"
          autoComplete="off"
          placeholder={counted === null ? undefined : typedText(name, measure, counted)}
          {...wrong(field, error)}
          className={`${FIELD} figure min-w-0 placeholder:font-normal placeholder:text-ink2 ${required ? "text-large" : ""}`}
          {...form.register(field, { validate })}
        />
      </span>
    </Named>
  );
}

/** A line of text of a reading. */
export function ReadingText({ form, field, label, error }: TypedProps<"meter" | "loadsOn">) {
  return (
    <Named field={field} label={label} error={error}>
      <input
        id={`reading-${field}`}
        type="text"
        autoComplete="off"
        {...wrong(field, error)}
        className={FIELD}
        {...form.register(field, {
          validate: (typed) => typed.trim().length <= TEXT_MOST[field] || COMMON.tooLong(label, TEXT_MOST[field]),
        })}
      />
    </Named>
  );
}

/** One of several that a reading may have been taken by. */
export function ReadingChoice({
  form,
  field,
  label,
  children,
}: FieldProps<"mode" | "conductor" | "source"> & { readonly children: ReactNode }) {
  return (
    <label className="block">
      <span className="block text-small text-ink2">{label}</span>
      <select className={FIELD} {...form.register(field)}>
        {children}
      </select>
    </label>
  );
}

/** What can be chosen of a list of words. */
export function WordOptions({ words }: { readonly words: Readonly<Record<string, string>> }) {
  return Object.entries(words).map(([word, text]) => (
    <option key={word} value={word}>
      {text}
    </option>
  ));
}
