import { useId, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { FieldError } from "../../ui/field-error.tsx";
import { FileButton } from "../../ui/file-button.tsx";
import { useKeptText } from "../../ui/use-kept-text.ts";
import { MAKER } from "../../words/maker-sheet.ts";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";
import { type PlateRefusal, textOfPage } from "../../workers/read-plate.ts";
import { KeepReader } from "../survey/keep-reader.tsx";
import { LONGEST_SHEET } from "./maker-sheet.view.ts";

interface SheetTextProps {
  readonly kept: string;
  readonly onKeep: (text: string) => void;
}

/** The steps of a sheet, typed, pasted or read from a photo; kept with a press. */
export function SheetText({ kept, onKeep }: SheetTextProps) {
  const id = useId();
  const [text, setText] = useKeptText(MAKER.text, kept);
  const [state, setState] = useState<"busy" | "read" | "nothing" | PlateRefusal | null>(null);
  const tooLong = text.length > LONGEST_SHEET;
  const read = async (file: File): Promise<void> => {
    setState("busy");
    const page = await textOfPage(file);
    if (!page.ok) setState(page.reason);
    else if (page.value.trim() === "") setState("nothing");
    else {
      setText(text.trim() === "" ? page.value : `${text.trimEnd()}\n${page.value}`);
      setState("read");
    }
  };
  return (
    <section>
      <label htmlFor={id} className="block font-semibold">
        {MAKER.text}
      </label>
      <p id={`${id}-help`} className="text-small leading-[1.2] text-ink2">
        {MAKER.textHelp}
      </p>
      <textarea
        id={id}
        value={text}
        rows={10}
        aria-invalid={tooLong}
        aria-describedby={tooLong ? `${id}-error` : `${id}-help`}
        onChange={(event) => setText(event.target.value)}
        className="edge mt-1 block w-full bg-face px-2 py-1 text-body"
      />
      <FieldError id={`${id}-error`} error={tooLong ? MAKER.tooLong(LONGEST_SHEET) : null} />
      <div className="mt-1 flex flex-wrap gap-2">
        {text !== kept && (
          <>
            <Button
              look="primary"
              disabled={tooLong}
              onClick={() => {
                onKeep(text);
                setState(null);
              }}
            >
              {MAKER.keep}
            </Button>
            <Button look="quiet" onClick={() => setText(kept)}>
              {MAKER.back}
            </Button>
          </>
        )}
        <FileButton label={MAKER.photograph} accept="image/*" disabled={state === "busy"} onFile={(file) => void read(file)} />
      </div>
      {state === "busy" && <p role="status">{MAKER.reading}</p>}
      {state === "read" && <p role="status">{MAKER.readIt}</p>}
      {state !== null && state !== "busy" && state !== "read" && (
        <p role="alert">{state === "nothing" ? MAKER.nothing : PLATE_PHOTO.refused[state]}</p>
      )}
      <KeepReader />
    </section>
  );
}
