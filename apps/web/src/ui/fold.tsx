import { Collapsible } from "radix-ui";
import type { ReactNode } from "react";

interface FoldProps {
  readonly label: string;
  /** Whether it is a part of the screen of its own, under a rule. */
  readonly ruled?: boolean;
  readonly id?: string;
  readonly startOpen?: boolean;
  readonly className?: string;
  readonly children: ReactNode;
}

/** What few need, folded away until its words are pressed. */
export function Fold({ label, ruled = false, id, startOpen = false, className = "", children }: FoldProps) {
  return (
    <Collapsible.Root id={id} defaultOpen={startOpen} className={`${ruled ? "border-t-[1.5px] border-ink" : ""} ${className}`}>
      <Collapsible.Trigger
        className={`group flex min-h-[44px] items-center gap-2 text-left underline underline-offset-4 pointer-coarse:min-h-[48px] ${ruled ? "font-bold" : ""}`}
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
          <path d="M8 2v12" className="group-data-[state=open]:hidden" />
        </svg>
        {label}
      </Collapsible.Trigger>
      <Collapsible.Content>{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
