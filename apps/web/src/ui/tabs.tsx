import { useLayoutEffect, useRef, useState } from "react";
import { createPortal } from "react-dom";

interface TabsProps {
  /** What chooses the part that is shown. */
  readonly choice: React.ReactNode;
  /** The page of the chosen part, with the choice wherever it has its place there. */
  readonly children: (choice: React.ReactNode) => React.ReactNode;
}

/** Pages of several parts that share one choice. The choice stays the same element, focus and all, while pages change around it: an arrow key pressed meanwhile is not lost. */
export function Tabs({ choice, children }: TabsProps) {
  const [home] = useState(() => document.createElement("div"));
  const focused = useRef<HTMLElement | null>(null);
  return (
    <>
      {createPortal(choice, home)}
      {children(<Place home={home} focused={focused} />)}
    </>
  );
}

/** Where the choice stands on one page. */
function Place({ home, focused }: { readonly home: HTMLElement; readonly focused: React.RefObject<HTMLElement | null> }) {
  const place = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    place.current?.append(home);
    focused.current?.focus();
    focused.current = null;
    return () => {
      const { activeElement } = document;
      focused.current = activeElement instanceof HTMLElement && home.contains(activeElement) ? activeElement : null;
    };
  }, [home, focused]);
  return <div ref={place} />;
}
