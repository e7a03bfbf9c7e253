import type { ReactNode } from "react";
import { Choice } from "../choice.tsx";

interface PartsProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly word: ReactNode }[];
  readonly onChange: (value: T) => void;
  /** The page of the chosen part. */
  readonly children: ReactNode;
}

/** Pages of several parts. What chooses between them stands above, the same element whichever is shown, so that arrow keys go on. */
export function Parts<T extends string>({ children, ...choice }: PartsProps<T>) {
  return (
    <div className="flex min-h-full flex-col *:last:grow">
      <div className="border-b-[1.5px] border-ink px-4 py-2 min-[1000px]:px-6 print:hidden">
        <div className="max-w-[640px]">
          <Choice {...choice} hideLabel />
        </div>
      </div>
      {children}
    </div>
  );
}
