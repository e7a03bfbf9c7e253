import { useRef } from "react";

/** The same object as last time where its text is the same: what is put together anew every time need not be drawn, or worked out from, anew. */
export function useSame<T>(value: T): T {
  const text = JSON.stringify(value);
  const last = useRef({ text, value });
  if (last.current.text !== text) last.current = { text, value };
  return last.current.value;
}
