import { useState } from "react";

/** What a field shows while it is being typed in, and what is wrong with it. */
export interface Draft {
  readonly shown: string;
  readonly error: string | null;
  readonly type: (text: string) => void;
  readonly leave: () => void;
}

/**
 * Keeps a text while it is typed, hands each to `onText`, which says what is wrong or keeps it; on
 * leaving, a good one gives way to what is kept, a bad one stays to be mended.
 */
export function useDraft(kept: string, onText: (text: string) => string | null): Draft {
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  return {
    shown: draft ?? kept,
    error,
    type: (text) => {
      setDraft(text);
      setError(onText(text));
    },
    leave: () => error === null && setDraft(null),
  };
}
