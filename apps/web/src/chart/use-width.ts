import { type RefObject, startTransition, useEffect, useRef, useState } from "react";

/** Width of an element in pixels, followed as it changes; 0 until it is known, in the next frame. */
export function useWidth<E extends Element>(): readonly [RefObject<E | null>, number] {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const element = ref.current;
    if (element === null) return undefined;
    // Drawn anew in between, so that the page goes on answering.
    const observer = new ResizeObserver(([entry]) => entry !== undefined && startTransition(() => setWidth(entry.contentRect.width)));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
