import type { ReactNode } from "react";
import { Choice } from "../choice.tsx";

interface PartsProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly word: ReactNode }[];
  readonly onChange: (value: T) => void;
  /** What else stands in the bar. */
  readonly extra?: ReactNode;
  /** The page of the chosen part. */
  readonly children: ReactNode;
}

/** On a phone held sideways the choice stands in the line that says where one is: it is always in reach, and takes no height. */
const IN_TITLE =
  "sideways:min-[43.75rem]:fixed sideways:min-[43.75rem]:-top-px sideways:min-[43.75rem]:right-[46px] sideways:min-[43.75rem]:left-[236px] sideways:min-[43.75rem]:z-20 sideways:min-[43.75rem]:w-auto";
const NO_BAR = "sideways:min-[43.75rem]:border-0 sideways:min-[43.75rem]:p-0";

/** Pages of several parts. What chooses between them stands above, the same element whichever is shown, so that arrow keys go on. */
export function Parts<T extends string>({ extra, children, ...choice }: PartsProps<T>) {
  return (
    <div className="flex min-h-full flex-col *:last:grow">
      <div
        className={`flex flex-wrap items-center gap-x-6 border-b-[1.5px] border-ink px-4 py-2 min-[62.5rem]:px-6 print:hidden ${extra === undefined ? NO_BAR : ""}`}
      >
        <div data-parts className={`w-[640px] max-w-full ${IN_TITLE}`}>
          <Choice {...choice} hideLabel />
        </div>
        {extra}
      </div>
      {children}
    </div>
  );
}
