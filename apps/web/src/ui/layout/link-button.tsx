import type { ReactNode } from "react";
import { Link } from "react-router";

interface LinkButtonProps {
  readonly to: string;
  /** The one way on: as wide as there is room, and large for a gloved hand. */
  readonly main?: boolean;
  readonly className?: string;
  /** What the page it leads to is told. */
  readonly state?: { readonly from: string };
  readonly onClick?: () => void;
  readonly children: ReactNode;
}

/** A link to where the work goes on. */
export function LinkButton({ to, main = false, className = "", state, onClick, children }: LinkButtonProps) {
  const size = main ? "flex min-h-[80px] justify-center text-large" : "inline-flex min-h-[52px]";
  return (
    <Link to={to} state={state} onClick={onClick} className={`items-center bg-ink px-5 font-semibold text-face ${size} ${className}`}>
      {children}
    </Link>
  );
}
