import { useEffect, useState } from "react";
import { draftAt, holdDraft, keepDraft, usePlace } from "./drafts.ts";

/**
 * A text that is only kept with a press: like a state, but it outlives the page until it is set back to what it began
 * with. `label` tells it from others of its form.
 */
export function useKeptText(label: string, begins = ""): readonly [string, (text: string) => void] {
  const place = usePlace(label);
  const [text, setText] = useState(() => draftAt(place) ?? begins);
  const open = text !== begins;
  useEffect(() => {
    if (!open) keepDraft(place, null);
    holdDraft(`text ${place}`, open);
    return () => holdDraft(`text ${place}`, false);
  }, [place, open]);
  return [
    text,
    (next) => {
      keepDraft(place, next === begins ? null : next);
      setText(next);
    },
  ];
}
