import { useEffect, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";

/** Keeps the reader's files on this device by one tap, so that a plate can be read without a connection. */
export function KeepReader() {
  const [state, setState] = useState<"unknown" | "absent" | "keeping" | "kept" | "failed">("unknown");
  useEffect(() => {
    let gone = false;
    void import("../../workers/reader-cache.ts").then(async ({ isReaderKept }) => {
      const kept = await isReaderKept();
      if (!gone) setState(kept === null ? "unknown" : kept ? "kept" : "absent");
    });
    return () => {
      gone = true;
    };
  }, []);
  const [asked, setAsked] = useState(false);
  if (state === "unknown" || (state === "kept" && !asked)) return null;
  if (state === "kept" || state === "keeping")
    return (
      <p role="status" className="py-1 text-ink2">
        {PLATE_PHOTO[state]}
      </p>
    );
  return (
    <div>
      <Button
        look="quiet"
        onClick={() => {
          setAsked(true);
          setState("keeping");
          void import("../../workers/reader-cache.ts")
            .then(({ keepReader }) => keepReader())
            .then((kept) => setState(kept ? "kept" : "failed"));
        }}
      >
        {PLATE_PHOTO.keep}
      </Button>
      {state === "failed" && <p role="alert">{PLATE_PHOTO.notKept}</p>}
    </div>
  );
}
