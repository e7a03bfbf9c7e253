import { Checkbox } from "radix-ui";
import { useId } from "react";

interface TickProps {
  readonly label: string;
  readonly help?: string;
  readonly ticked: boolean;
  readonly onChange: (ticked: boolean) => void;
}

/** One yes or no on a ruled row; a square with a stroke through it for yes. */
export function Tick({ label, help, ticked, onChange }: TickProps) {
  const id = useId();
  return (
    <div className="flex items-center justify-between gap-3 border-b border-hair py-1.5">
      <label htmlFor={id} className="text-body">
        {label}
        {help !== undefined && (
          <span id={`${id}-help`} className="block text-small leading-[1.15] text-ink2">
            {help}
          </span>
        )}
      </label>
      <TickBox id={id} ticked={ticked} onChange={onChange} aria-describedby={help === undefined ? undefined : `${id}-help`} />
    </div>
  );
}

interface TickBoxProps {
  readonly ticked: boolean;
  readonly onChange: (ticked: boolean) => void;
  readonly id?: string;
  readonly "aria-label"?: string;
  readonly "aria-describedby"?: string | undefined;
}

/** The square alone, named by a label elsewhere or by its own. */
export function TickBox({ ticked, onChange, ...rest }: TickBoxProps) {
  return (
    <Checkbox.Root
      checked={ticked}
      onCheckedChange={(next) => onChange(next === true)}
      className="flex h-[28px] w-[28px] shrink-0 items-center justify-center border-[1.8px] border-ink bg-face data-[state=checked]:bg-ink pointer-coarse:h-[48px] pointer-coarse:w-[48px]"
      {...rest}
    >
      {/* Not by the library’s own indicator: that asks for the style of the whole page as it appears. */}
      {ticked && (
        <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true" className="text-face">
          <path d="M2 8.5 6.2 13 14 3" fill="none" stroke="currentColor" strokeWidth="2.6" />
        </svg>
      )}
    </Checkbox.Root>
  );
}
