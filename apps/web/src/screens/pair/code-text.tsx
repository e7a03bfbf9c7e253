import { useId, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { Fold } from "../../ui/fold.tsx";
import { PAIR } from "../../words/pair.ts";
import { ScanCode } from "./scan-code.tsx";

/** A code as text, for where no camera reads it. */
export function CodeText({ code }: { readonly code: string }) {
  return (
    <Fold label={PAIR.codeText}>
      <p className="figure break-all py-1 text-small" data-code>
        {code}
      </p>
    </Fold>
  );
}

/** Takes the other's code: read by camera, or pasted. */
export function TakeCode({ onCode }: { readonly onCode: (code: string) => void }) {
  const id = useId();
  const [text, setText] = useState("");
  const [scanning, setScanning] = useState(false);
  return (
    <div className="py-2">
      {scanning ? (
        <ScanCode
          onCode={(code) => {
            setScanning(false);
            onCode(code);
          }}
        />
      ) : (
        <Button onClick={() => setScanning(true)}>{PAIR.scan}</Button>
      )}
      <label htmlFor={id} className="mt-2 block">
        {PAIR.theirCode}
      </label>
      <textarea
        id={id}
        value={text}
        rows={3}
        onChange={(event) => setText(event.target.value)}
        className="edge mt-1 block w-full bg-face px-2 py-1 text-small"
      />
      <Button className="mt-1" disabled={text.trim() === ""} onClick={() => onCode(text.trim())}>
        {PAIR.takeCode}
      </Button>
    </div>
  );
}
