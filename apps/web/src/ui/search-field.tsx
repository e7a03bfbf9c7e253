import { useRef } from "react";
import { KeyCap } from "./key-cap.tsx";
import { useKeys } from "./keys.tsx";

interface SearchFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (words: string) => void;
  readonly className?: string;
}

/** Where a list is searched; the slash leads to it. */
export function SearchField({ label, value, onChange, className = "" }: SearchFieldProps) {
  const field = useRef<HTMLInputElement>(null);
  useKeys({ "/": () => field.current?.focus() });
  return (
    <label className={`edge flex items-center gap-2 bg-face px-2 ${className}`}>
      <KeyCap name="/" />
      <span className="sr-only">{label}</span>
      <input
        ref={field}
        type="search"
        value={value}
        onChange={(event) => onChange(event.target.value)}
        placeholder={label}
        className="min-h-[32px] grow bg-transparent placeholder:text-ink2 pointer-coarse:min-h-[44px]"
      />
    </label>
  );
}
