import { RadioGroup } from "radix-ui";
import { useRef } from "react";

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly word: React.ReactNode; readonly under?: React.ReactNode }[];
  readonly onChange: (value: T) => void;
  readonly hideLabel?: boolean;
}

/** One of a few, side by side; the chosen one inverted. */
export function Choice<T extends string>({ label, value, options, onChange, hideLabel = false }: ChoiceProps<T>) {
  // An arrow chooses what it leads to even where the key is let go before a busy page moves the focus.
  const byArrow = useRef(false);
  const follow = (event: React.FocusEvent<HTMLButtonElement>): void => {
    if (!byArrow.current || event.currentTarget.value === value) return;
    byArrow.current = false;
    event.preventDefault();
    event.currentTarget.click();
  };
  return (
    <div className={hideLabel ? "" : "border-b border-hair py-1.5"}>
      {!hideLabel && <span className="mb-1 block text-body">{label}</span>}
      <RadioGroup.Root
        value={value}
        onValueChange={(next) => onChange(next as T)}
        aria-label={label}
        onKeyDown={(event) => {
          byArrow.current = event.key.startsWith("Arrow");
        }}
        onPointerDown={() => {
          byArrow.current = false;
        }}
        className="flex border-[1.5px] border-ink"
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            onFocus={follow}
            className="flex grow basis-0 flex-col items-center justify-center border-r-[1.5px] border-ink bg-face px-1 py-1.5 min-[43.75rem]:px-1.5 text-body leading-tight font-semibold last:border-r-0 data-[state=checked]:bg-ink data-[state=checked]:text-face pointer-coarse:min-h-[48px]"
          >
            {option.word}
            {option.under}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
