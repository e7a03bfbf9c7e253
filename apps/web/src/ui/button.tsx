import type { ButtonHTMLAttributes } from "react";
import { KeyCap } from "./key-cap.tsx";

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: "primary" | "plain" | "quiet";
  readonly keyCap?: string;
}

const LOOKS = {
  primary: "bg-ink text-face border-[1.8px] border-ink font-semibold",
  plain: "edge bg-face font-semibold",
  quiet: "border-0 bg-transparent underline underline-offset-4 px-1",
} as const;

/** A button in one of three weights, with the key that does the same. */
export function Button({ look = "plain", keyCap, className = "", children, type = "button", ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-[40px] items-center justify-center gap-2 px-3.5 py-1.5 pointer-coarse:min-h-[48px] disabled:opacity-60 ${LOOKS[look]} ${className}`}
      {...rest}
    >
      {children}
      {keyCap !== undefined && <KeyCap name={keyCap} />}
    </button>
  );
}
