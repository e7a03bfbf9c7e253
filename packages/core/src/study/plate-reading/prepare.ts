import { PLATE_READING_PARAMS as PARAMS } from "./params.ts";
import { evenOut, type Grey, greyOf, type Turn, tiltOf, turned } from "./picture.ts";

/** A photograph made ready for one look at it, and the way back. */
export interface Prepared {
  readonly picture: Grey;
  readonly turn: Turn;
}

/** A photograph of colored pixels, made ready for two looks that differ in size and in how far glare and shade are evened out. */
export function preparePlate(width: number, height: number, rgba: Uint8ClampedArray): readonly Prepared[] {
  const grey = greyOf(width, height, rgba);
  const longest = Math.max(width, height);
  let tiltDeg: number | null = null;
  return [
    { reach: PARAMS.reachShare.value, side: PARAMS.lookSide.value },
    { reach: PARAMS.otherReachShare.value, side: PARAMS.otherLookSide.value },
  ].map(({ reach, side }) => {
    const even = evenOut(grey, Math.max(2, Math.round(longest * reach)));
    tiltDeg ??= tiltOf(even);
    const turn: Turn = { width, height, tiltDeg, scale: side / longest };
    return { picture: turned(even, turn), turn };
  });
}

/** A picture in grey as a file that every reader of pictures knows: the portable graymap of Netpbm, its binary form. */
export function graymapOf({ width, height, data }: Grey): Uint8Array<ArrayBuffer> {
  const head = [...`P5\n${width} ${height}\n255\n`].map((letter) => letter.charCodeAt(0));
  const file = new Uint8Array(head.length + data.length);
  file.set(head);
  file.set(data, head.length);
  return file;
}
