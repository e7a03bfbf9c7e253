import { useRef } from "react";
import { PICTURES } from "../words/pictures.ts";
import { Button } from "./button.tsx";
import { savePng, saveSvg } from "./save-picture.ts";

interface PictureFrameProps {
  /** What the picture says where it is read; null while it is not. */
  readonly reading: string | null;
  /** Steps from 0 that the arrow keys go through, and where they are. */
  readonly steps: number;
  readonly at: number | null;
  readonly onStep: (at: number) => void;
  readonly onKey?: (key: string) => boolean;
  readonly fileName: string;
  readonly children: React.ReactNode;
}

/** A picture that can be read out by pointer, touch and keys, and kept as a file. */
export function PictureFrame({ reading, steps, at, onStep, onKey, fileName, children }: PictureFrameProps) {
  const frame = useRef<HTMLDivElement>(null);
  const drawing = (): SVGSVGElement | null => frame.current?.querySelector("svg") ?? null;
  const keep = (how: (svg: SVGSVGElement, name: string) => Promise<void>): void => {
    const svg = drawing();
    if (svg !== null) void how(svg, fileName);
  };
  const move = (event: React.KeyboardEvent): void => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    if (onKey?.(event.key) === true) {
      event.preventDefault();
      return;
    }
    const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1, PageDown: 10, PageUp: -10 }[event.key];
    const next = by === undefined ? { Home: 0, End: steps - 1 }[event.key] : (at ?? (by > 0 ? -1 : steps)) + by * (event.shiftKey ? 10 : 1);
    if (next === undefined) return;
    event.preventDefault();
    onStep(Math.max(0, Math.min(steps - 1, next)));
  };
  return (
    <div>
      <div
        ref={frame}
        role="slider"
        tabIndex={0}
        aria-label={PICTURES.readLabel}
        aria-valuemin={0}
        aria-valuemax={Math.max(0, steps - 1)}
        aria-valuenow={at ?? 0}
        aria-valuetext={reading ?? PICTURES.empty}
        onKeyDown={move}
        className="touch-pan-y"
      >
        {children}
      </div>
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-hair pt-1">
        <output className="figure min-h-[22px] text-body">
          {reading ?? <span className="font-normal text-ink2">{PICTURES.empty}</span>}
        </output>
        <span className="flex gap-2">
          <Button look="quiet" className="pointer-coarse:hidden" onClick={() => keep(saveSvg)}>
            {PICTURES.saveSvg}
          </Button>
          <Button look="quiet" onClick={() => keep(savePng)}>
            {PICTURES.savePng}
          </Button>
        </span>
      </div>
    </div>
  );
}
