import type { PhotoPlace } from "@amp-saver/records";

/** How much of the surroundings a part of a photo shows, of its own height and width. */
const AROUND = { y: 0.7, x: 0.25 };
/** Least share of the photo's width that is shown. */
const LEAST = 0.12;

interface PlateCropProps {
  /** Address of the photo. */
  readonly url: string;
  readonly name: string;
  /** Width over height of the photo. */
  readonly ratio: number;
  readonly box: Omit<PhotoPlace, "id">;
}

/** A part of a photo, as large as its place allows. */
export function PlateCrop({ url, name, ratio, box }: PlateCropProps) {
  const high = (box.y1 - box.y0) * (1 + 2 * AROUND.y);
  const wide = Math.min(1, Math.max(LEAST, (box.x1 - box.x0) * (1 + 2 * AROUND.x), (high * 3) / ratio));
  const left = Math.min(1 - wide, Math.max(0, (box.x0 + box.x1 - wide) / 2));
  const shown = Math.min(1, Math.max(high, wide * ratio * 0.15));
  const top = Math.min(1 - shown, Math.max(0, (box.y0 + box.y1 - shown) / 2));
  return (
    <span
      className="relative block w-full overflow-hidden bg-bench"
      style={{ aspectRatio: `${wide * ratio} / ${shown}`, maxHeight: "38vh" }}
    >
      <img
        src={url}
        alt={name}
        className="absolute max-w-none"
        style={{ width: `${100 / wide}%`, left: `${(-100 * left) / wide}%`, top: `${(-100 * top) / shown}%` }}
      />
    </span>
  );
}
