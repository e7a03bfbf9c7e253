import { useEffect, useRef, useState } from "react";
import { draftAt, holdDraft, keepDraft, usePlace } from "./drafts.ts";

/** What a field shows while it is being typed in, and what is wrong with it. */
export interface Draft {
  readonly shown: string;
  readonly error: string | null;
  readonly type: (text: string) => void;
  readonly leave: () => void;
}

/** Notes what is kept as typing begins, and puts it back. */
export interface Restore {
  readonly hold: () => void;
  readonly putBack: () => void;
}

/** What puts a value back as it was when it was noted last. */
export function useRestore<T>(value: T, keep: (value: T) => void): Restore {
  const was = useRef(value);
  return {
    hold: () => {
      was.current = value;
    },
    putBack: () => keep(was.current),
  };
}

/**
 * Keeps a text while it is typed, hands each to `onText`, which says what is wrong or keeps it; on
 * leaving, a good one gives way to what is kept, a bad one stays to be mended, over a reload too.
 * `label` tells the field from others of its form. With `restore` a text that is refused leaves
 * what was kept before it, not the part of it that was good: of 9000 where 20 is the most, not 9.
 */
export function useDraft(label: string, kept: string, onText: (text: string) => string | null, restore?: Restore): Draft {
  const place = usePlace(label);
  const [draft, setDraft] = useState<string | null>(() => draftAt(place));
  const [error, setError] = useState<string | null>(null);
  const asked = useRef({ onText, restore });
  asked.current = { onText, restore };
  const changed = useRef(false);
  const take = (text: string): void => {
    const wrong = asked.current.onText(text);
    if (wrong !== null && changed.current) asked.current.restore?.putBack();
    changed.current = wrong === null;
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
      if (draft === null) {
        restore?.hold();
        changed.current = false;
      }
      setDraft(text);
      take(text);
    },
    leave: () => error === null && setDraft(null),
  };
}
