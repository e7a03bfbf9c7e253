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

/** Pages of several parts. What chooses between them stands above, the same element whichever is shown, so that arrow keys go on. */
export function Parts<T extends string>({ extra, children, ...choice }: PartsProps<T>) {
  return (
    <div className="flex min-h-full flex-col *:last:grow">
      <div className="flex flex-wrap items-center gap-x-6 border-b-[1.5px] border-ink px-4 py-2 min-[62.5rem]:px-6 print:hidden">
        <div className="w-[640px] max-w-full">
          <Choice {...choice} hideLabel />
        </div>
        {extra}
      </div>
      {children}
    </div>
  );
}
