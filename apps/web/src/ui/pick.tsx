import { useId } from "react";

interface PickProps<T extends string> {
  readonly label: string;
  readonly help?: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly word: string }[];
  readonly onChange: (value: T) => void;
}

/** One of many on a ruled row, from the device's own list. */
export function Pick<T extends string>({ label, help, value, options, onChange }: PickProps<T>) {
  const id = useId();
  return (
    <label className="flex items-center justify-between gap-3 border-b border-hair py-1.5 text-body">
      <span>
        <span id={id}>{label}</span>
        {help !== undefined && (
          <span id={`${id}-help`} className="block text-small leading-[1.15] text-ink2">
            {help}
          </span>
        )}
      </span>
      <select
        value={value}
        aria-labelledby={id}
        aria-describedby={help === undefined ? undefined : `${id}-help`}
        onChange={(event) => {
          const next = options.find((o) => o.value === event.target.value);
          if (next !== undefined) onChange(next.value);
        }}
        className="edge min-h-[34px] max-w-[68%] bg-face px-2 font-semibold pointer-coarse:min-h-[48px]"
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.word}
          </option>
        ))}
      </select>
    </label>
  );
}
