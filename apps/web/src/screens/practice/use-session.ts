import type { PracticeAct } from "@amp-saver/core/study/practice";
import { type PracticePlay, practicePlaySchema } from "@amp-saver/records";
import { useCallback, useMemo } from "react";
import { z } from "zod";
import { newId } from "../../store/identity.ts";
import { useLocalItem, useLocalItems } from "../../store/local-item.ts";

const sessionSchema = practicePlaySchema.extend({ ended: z.string().max(100).nullable() });

/** A practice under way: on this device alone until it is finished. */
export interface Session extends PracticePlay {
  /** Under which id its run is kept once it is finished; null before. */
  readonly ended: string | null;
}

const keyOf = (lesson: string): string => `amp-saver practice ${lesson}`;

/** The session that was written last, as it was written: it need not be read again. */
let written: { readonly text: string; readonly session: Session } | null = null;

function read(text: string | null): Session | null {
  if (text === null) return null;
  if (text === written?.text) return written.session;
  try {
    const parsed = sessionSchema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

function write(session: Session): string {
  const text = JSON.stringify(session);
  written = { text, session };
  return text;
}

interface Kept {
  readonly session: Session | null;
  readonly begin: (play: Omit<PracticePlay, "acts">) => void;
  readonly act: (act: PracticeAct) => void;
  readonly end: () => void;
  readonly forget: () => void;
}

/** How many acts are done of each lesson that is under way; 0 where none is. */
export function useBegun(lessons: readonly string[]): readonly number[] {
  const texts = useLocalItems(lessons.map(keyOf));
  return useMemo(
    () =>
      texts.map((text) => {
        const session = read(text);
        return session === null || session.ended !== null ? 0 : session.acts.length;
      }),
    [texts],
  );
}

/** The practice of a lesson that is under way, null for none; every act is kept at once. */
export function useSession(lesson: string): Kept {
  const [text, turn] = useLocalItem(keyOf(lesson));
  const session = useMemo(() => read(text), [text]);
  const change = useCallback(
    (next: (old: Session) => Session) =>
      turn((old) => {
        const now = read(old);
        return now === null ? old : write(next(now));
      }),
    [turn],
  );
  return {
    session,
    begin: useCallback((play) => turn(() => write({ ...play, acts: [], ended: null })), [turn]),
    act: useCallback((act) => change((old) => ({ ...old, acts: [...old.acts, act] })), [change]),
    end: useCallback(() => change((old) => ({ ...old, ended: newId() })), [change]),
    forget: useCallback(() => turn(() => null), [turn]),
  };
}
