import { useEffect, useRef, useState } from "react";
import { draftAt, holdDraft, keepDraft, usePlace } from "./drafts.ts";

/** What a field shows while it is being typed in, and what is wrong with it. */
export interface Draft {
  readonly shown: string;
  readonly error: string | null;
  readonly type: (text: string) => void;
  readonly leave: () => void;
}

/**
 * Keeps a text while it is typed, hands each to `onText`, which says what is wrong or keeps it; on
 * leaving, a good one gives way to what is kept, a bad one stays to be mended, over a reload too.
 * `label` tells the field from others of its form.
 */
export function useDraft(label: string, kept: string, onText: (text: string) => string | null): Draft {
  const place = usePlace(label);
  const [draft, setDraft] = useState<string | null>(() => draftAt(place));
  const [error, setError] = useState<string | null>(null);
  const asked = useRef(onText);
  asked.current = onText;
  const take = (text: string): void => {
    const wrong = asked.current(text);
    setError(wrong);
    keepDraft(place, wrong === null ? null : text);
    holdDraft(place, wrong !== null);
  };
  const first = useRef({ draft, take });
  useEffect(() => {
    const { draft: found, take: takeFound } = first.current;
    if (found !== null) takeFound(found);
    return () => holdDraft(place, false);
  }, [place]);
  return {
    shown: draft ?? kept,
    error,
    type: (text) => {
      setDraft(text);
      take(text);
    },
    leave: () => error === null && setDraft(null),
  };
}
