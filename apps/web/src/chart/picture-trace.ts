import type { TraceLine } from "./trace-line.tsx";

/** A start to draw, with its own words. */
export interface PictureTrace extends TraceLine {
  readonly label: string;
  readonly short: string;
  readonly lastS: number;
  readonly peakA: number;
  readonly drawnA: number | null;
  readonly drawnLabel: string;
  readonly lowestV: number;
}
