import { useRef } from "react";
import { Button } from "./button.tsx";
import { RoofButton } from "./roof-button.tsx";

interface FileButtonProps {
  readonly label: string;
  /** Name of the field itself, where it is another than the button's. */
  readonly fieldLabel?: string;
  readonly accept: string;
  readonly disabled?: boolean;
  /** Whether it is what is asked for now: as large as whatever else is done on a roof. */
  readonly large?: boolean;
  readonly onFile: (file: File) => void;
}

/** A button that asks for one file; the same may be asked for again. */
export function FileButton({ label, fieldLabel = label, accept, disabled = false, large = false, onFile }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  const Ask = large ? RoofButton : Button;
  return (
    <>
      <Ask disabled={disabled} onClick={() => input.current?.click()}>
        {label}
      </Ask>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={fieldLabel}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file !== undefined) onFile(file);
        }}
      />
    </>
  );
}
