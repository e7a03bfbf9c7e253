import { COMMON } from "../words/common.ts";

interface SignButtonProps {
  /** What the figure is called. */
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
}

/** Turns the sign of what is typed, where a finger types: keypads for numbers may have no minus. */
export function SignButton({ label, text, onText }: SignButtonProps) {
  const minus = /^\s*[-−]/;
  return (
    <button
      type="button"
      aria-label={COMMON.turnSign(label)}
      onClick={() => onText(minus.test(text) ? text.replace(minus, "") : `-${text.trim()}`)}
      className="edge hidden min-h-[48px] min-w-[48px] items-center justify-center text-large pointer-coarse:flex"
    >
      ±
    </button>
  );
}
