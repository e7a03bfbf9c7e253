import { type ReactNode, useId, useState } from "react";

interface FoldProps {
  readonly label: string;
  /** Whether it is a part of the screen of its own, under a rule. */
  readonly ruled?: boolean;
  readonly id?: string;
  /** A heading in a list of such, rather than words in a form. */
  readonly heading?: boolean;
  readonly startOpen?: boolean;
  readonly className?: string;
  readonly children: ReactNode;
}

/** What few need, folded away until its words are pressed. Measured by nobody: a page has many, and opens at once. */
export function Fold({ label, ruled = false, heading = false, id, startOpen = false, className = "", children }: FoldProps) {
  const [open, setOpen] = useState(startOpen);
  const inside = useId();
  const words = heading ? "min-h-[48px] w-full font-semibold" : `min-h-[44px] underline underline-offset-4 ${ruled ? "font-bold" : ""}`;
  const trigger = (
    <button
      type="button"
      aria-expanded={open}
      aria-controls={inside}
      onClick={() => setOpen(!open)}
      className={`group flex items-center gap-2 text-left pointer-coarse:min-h-[48px] ${words}`}
    >
      <svg
        viewBox="0 0 16 16"
        width="12"
        height="12"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.8"
        aria-hidden="true"
        className="shrink-0"
      >
        <path d="M2 8h12" />
        {!open && <path d="M8 2v12" />}
      </svg>
      {label}
    </button>
  );
  return (
    <div id={id} className={`${ruled ? "border-t-[1.5px] border-ink" : ""} ${className}`}>
      {heading ? <h3>{trigger}</h3> : trigger}
      <div id={inside} hidden={!open}>
        {open && children}
      </div>
    </div>
  );
}
