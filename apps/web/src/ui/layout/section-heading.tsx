import type { ComponentProps } from "react";

interface SectionHeadingProps extends ComponentProps<"h2"> {
  /** Whether room is left above it. */
  readonly spaced?: boolean;
}

/** What a part of a screen is about, over a rule. */
export function SectionHeading({ spaced = false, children, ...rest }: SectionHeadingProps) {
  return (
    <h2 className={`border-b-[1.5px] border-ink pb-1 font-bold ${spaced ? "mt-4" : ""}`} {...rest}>
      {children}
    </h2>
  );
}
