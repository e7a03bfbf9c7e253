import { useEffect, useRef } from "react";
import type { FieldValues, UseFormReturn } from "react-hook-form";
import { draftAt, holdDraft, keepDraft, usePlace } from "./drafts.ts";

/** Keeps what is half typed in a form of texts over any reload, until `reset` makes it what the form begins with. */
export function useFormDraft<F extends FieldValues>(label: string, form: UseFormReturn<F>): void {
  const place = usePlace(label);
  const { subscribe } = form;
  const { isDirty } = form.formState;
  const first = useRef(form);
  useEffect(() => {
    const { getValues, reset } = first.current;
    const begins = getValues();
    const drafted = textsOf(draftAt(place), begins);
    if (drafted !== null) reset({ ...begins, ...drafted }, { keepDefaultValues: true });
    return subscribe({
      formState: { values: true },
      callback: ({ values }) => keepDraft(place, JSON.stringify(values)),
    });
  }, [place, subscribe]);
  const was = useRef(false);
  useEffect(() => {
    if (was.current && !isDirty) keepDraft(place, null);
    was.current = isDirty;
    holdDraft(`form ${place}`, isDirty);
    return () => holdDraft(`form ${place}`, false);
  }, [place, isDirty]);
}

/** Texts of a draft for fields that the form has; null where there is none that can be read. */
function textsOf<F extends FieldValues>(draft: string | null, begins: F): Partial<F> | null {
  try {
    const found: Readonly<Record<string, unknown>> | null = JSON.parse(draft ?? "null");
    return (
      found &&
      (Object.fromEntries(Object.entries(found).filter(([name, text]) => name in begins && typeof text === "string")) as Partial<F>)
    );
  } catch {
    return null;
  }
}
