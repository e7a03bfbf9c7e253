import { type ComponentProps, type ReactNode, useEffect } from "react";
import { readFaces } from "../faces.ts";
import { Later } from "../later.tsx";
import { useWide } from "../use-wide.ts";

interface StageFrameProps {
  /** Whether there is nothing to ask. */
  readonly alone?: boolean;
  /** Whether both parts stand side by side on a phone held sideways, too. */
  readonly beside?: boolean;
  readonly children: ReactNode;
}

const BESIDE = "sideways:min-[43.75rem]:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]";

/** The frame of every screen of two parts: what is shown, and the rail; one under the other where it is narrow. */
export function StageFrame({ alone = false, beside = false, children }: StageFrameProps) {
  useEffect(readFaces, []);
  const columns = alone ? "" : `min-[62.5rem]:grid-cols-[1fr_390px] ${beside ? BESIDE : ""}`;
  return <div className={`grid min-h-full grid-cols-[minmax(0,1fr)] ${columns}`}>{children}</div>;
}

/** The part that answers. */
export function Evidence({ className = "", ...rest }: ComponentProps<"div">) {
  return <div className={`min-w-0 px-4 py-3 min-[62.5rem]:px-6 ${className}`} {...rest} />;
}

interface RailProps extends ComponentProps<"div"> {
  /** Whether it is drawn after the first screen where it stands below that. */
  readonly later?: boolean;
}

/** The part that asks. */
export function Rail({ className = "", later = false, children, ...rest }: RailProps) {
  const wide = useWide();
  return (
    <div
      className={`border-ink bg-bench px-4 py-4 max-[62.4375rem]:border-t-[1.5px] min-[62.5rem]:border-l-[1.5px] min-[62.5rem]:px-5 ${later ? "max-[62.4375rem]:when-near" : ""} ${className}`}
      {...rest}
    >
      <Later atOnce={!later || wide}>{children}</Later>
    </div>
  );
}
