import { useRef } from "react";

/** The same object as last time where its text is the same: what comes from a worker is new every time, and what is drawn from it need not be. */
export function useSame<T>(value: T): T {
  const text = JSON.stringify(value);
  const last = useRef({ text, value });
  if (last.current.text !== text) last.current = { text, value };
  return last.current.value;
}
