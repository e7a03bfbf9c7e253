import type { Photo } from "@amp-saver/records";
import { useState } from "react";
import { straightened } from "../../chart/photo/straight.ts";
import { useWidth } from "../../chart/use-width.ts";
import { usePicture } from "../../store/use-picture.ts";
import { PINS } from "../../words/pins.ts";

/** Two photos of one box, each laid straight by its corners, the second uncovered from the right as far as the slider says. */
export function SlideOver({ found, built }: { readonly found: Photo; readonly built: Photo }) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const [percent, setPercent] = useState(50);
  const height = width / straightened(found.across / found.down, found.corners).ratio;
  return (
    <div className="mt-3">
      <div ref={frame} className="relative overflow-hidden border-y-[1.5px] border-ink bg-bench" style={{ height }}>
        <Layer photo={found} width={width} height={height} name={PINS.found} />
        <div className="absolute inset-0" style={{ clipPath: `inset(0 0 0 ${percent}%)` }}>
          <Layer photo={built} width={width} height={height} name={PINS.built} />
        </div>
        <span className="absolute top-0 bottom-0 w-[3px] bg-ink" style={{ left: `${percent}%` }} />
      </div>
      <label className="flex min-h-[48px] items-center gap-3">
        <span>{PINS.slide}</span>
        <input
          type="range"
          min={0}
          max={100}
          value={percent}
          onChange={(event) => setPercent(Number(event.target.value))}
          className="min-h-[48px] grow accent-ink"
        />
      </label>
    </div>
  );
}

interface LayerProps {
  readonly photo: Photo;
  readonly width: number;
  readonly height: number;
  readonly name: string;
}

function Layer({ photo, width, height, name }: LayerProps) {
  const url = usePicture(photo.id);
  const css = straightened(photo.across / photo.down, photo.corners).css(width, height);
  if (typeof url !== "string") return null;
  return (
    <img
      src={url}
      alt={name}
      className="absolute top-0 left-0 max-w-none"
      style={{ width, height, ...(css !== null && { transform: css, transformOrigin: "0 0" }) }}
    />
  );
}
