// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { PLATE_READING_PARAMS as PARAMS } from "./params.ts";
import { around, type Box } from "./word.ts";

/** A picture in shades of grey, 0 black to 255 white, row by row. */
export interface Grey {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** The grey of colored pixels of four bytes each; the shares of red, green and blue are those of ITU-R BT.601. */
export function greyOf(width: number, height: number, rgba: Uint8ClampedArray): Grey {
  const data = new Uint8ClampedArray(width * height);
  for (let k = 0; k < data.length; k++) data[k] = 0.299 * rgba[4 * k]! + 0.587 * rgba[4 * k + 1]! + 0.114 * rgba[4 * k + 2]!;
  return { width, height, data };
}

/** Sums of all pixels above and left of each, of the values and of their squares: any box's sum is four of them (F. C. Crow, 1984). */
function sumsOf({ width, height, data }: Grey): { readonly sum: Float64Array; readonly squares: Float64Array } {
  const across = width + 1;
  const sum = new Float64Array(across * (height + 1));
  const squares = new Float64Array(across * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    let rowSquares = 0;
    for (let x = 0; x < width; x++) {
      const value = data[y * width + x]!;
      row += value;
      rowSquares += value * value;
      const at = (y + 1) * across + x + 1;
      sum[at] = sum[at - across]! + row;
      squares[at] = squares[at - across]! + rowSquares;
    }
  }
  return { sum, squares };
}

/**
 * The same picture as dark ink on even paper: every pixel set against the mean and the spread of its
 * surroundings, which takes glare and shade away; light lettering on dark is turned over. The
 * surroundings reach `reach` pixels to each side.
 */
export function evenOut(picture: Grey, reach: number): Grey {
  const { width, height, data } = picture;
  const { sum, squares } = sumsOf(picture);
  const across = width + 1;
  const even = new Float32Array(data.length);
  let skew = 0;
  for (let y = 0; y < height; y++) {
    const top = Math.max(0, y - reach) * across;
    const bottom = Math.min(height, y + reach + 1) * across;
    for (let x = 0; x < width; x++) {
      const left = Math.max(0, x - reach);
      const right = Math.min(width, x + reach + 1);
      const count = ((bottom - top) / across) * (right - left);
      const box = (of: Float64Array): number => of[bottom + right]! - of[bottom + left]! - of[top + right]! + of[top + left]!;
      const mean = box(sum) / count;
      const spread = Math.sqrt(Math.max(0, box(squares) / count - mean * mean));
      const at = y * width + x;
      const value = (data[at]! - mean) / Math.max(spread, PARAMS.leastSpread.value);
      even[at] = value;
      skew += value * value * value;
    }
  }
  // Lettering is the smaller part of what surrounds it, so it is the long tail.
  const sign = skew > 0 ? -1 : 1;
  const flat = new Uint8ClampedArray(data.length);
  for (let k = 0; k < flat.length; k++) flat[k] = PARAMS.paper.value + sign * even[k]! * PARAMS.contrast.value;
  return { width, height, data: flat };
}

/** How much darker than its paper a pixel of ink is at least, of the even picture. */
const isInk = (value: number): boolean => value < PARAMS.ink.value;

/** By how many degrees the lines of an even picture fall to the right: where the rows' counts of ink differ most. */
export function tiltOf({ width, height, data }: Grey): number {
  const step = Math.max(1, Math.round(width / PARAMS.tiltAcross.value));
  const ink: { readonly x: number; readonly y: number }[] = [];
  for (let y = 0; y < height; y += step)
    for (let x = 0; x < width; x += step) if (isInk(data[y * width + x]!)) ink.push({ x: x / step, y: y / step });
  const most = PARAMS.mostTiltDeg.value;
  const sharpness = (degrees: number): number => {
    const slope = Math.tan((degrees * Math.PI) / 180);
    const counts = new Map<number, number>();
    for (const { x, y } of ink) {
      const row = Math.round(y - x * slope);
      counts.set(row, (counts.get(row) ?? 0) + 1);
    }
    let squares = 0;
    for (const count of counts.values()) squares += count * count;
    return squares;
  };
  const best = (from: number, to: number, by: number): number => {
    let at = from;
    let most = -1;
    for (let degrees = from; degrees <= to + 1e-9; degrees += by) {
      const value = sharpness(degrees);
      if (value > most) {
        most = value;
        at = degrees;
      }
    }
    return at;
  };
  const coarse = best(-most, most, 1);
  return best(coarse - 1, coarse + 1, 0.2);
}

/** How a picture was turned back and scaled about its middle; its size is the first one's, pixels. */
export interface Turn {
  readonly width: number;
  readonly height: number;
  readonly tiltDeg: number;
  readonly scale: number;
}

const sizeOf = ({ width, height, scale }: Turn): { readonly across: number; readonly down: number } => ({
  across: Math.round(width * scale),
  down: Math.round(height * scale),
});

/** Where a place of the turned picture was on the first one, pixels. */
function before(turn: Turn, x: number, y: number): { readonly x: number; readonly y: number } {
  const { across, down } = sizeOf(turn);
  const angle = (turn.tiltDeg * Math.PI) / 180;
  const dx = (x - across / 2) / turn.scale;
  const dy = (y - down / 2) / turn.scale;
  return {
    x: turn.width / 2 + dx * Math.cos(angle) - dy * Math.sin(angle),
    y: turn.height / 2 + dx * Math.sin(angle) + dy * Math.cos(angle),
  };
}

/** The place of a box of the turned picture on the first one, as shares of its width and height, within it. */
export function shareOf(turn: Turn, { x0, y0, x1, y1 }: Box): Box {
  const corners = [before(turn, x0, y0), before(turn, x1, y0), before(turn, x0, y1), before(turn, x1, y1)];
  const within = (value: number): number => Math.min(1, Math.max(0, value));
  const box = around(corners.map(({ x, y }) => ({ x0: x, x1: x, y0: y, y1: y })));
  return {
    x0: within(box.x0 / turn.width),
    x1: within(box.x1 / turn.width),
    y0: within(box.y0 / turn.height),
    y1: within(box.y1 / turn.height),
  };
}

/** Turns a picture back by its tilt and scales it; what was outside is paper. */
export function turned({ data }: Grey, turn: Turn): Grey {
  const { width, height } = turn;
  const { across, down } = sizeOf(turn);
  const out = new Uint8ClampedArray(across * down).fill(PARAMS.paper.value);
  const origin = before(turn, 0, 0);
  const right = before(turn, 1, 0);
  const below = before(turn, 0, 1);
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++) {
      const fromX = origin.x + x * (right.x - origin.x) + y * (below.x - origin.x);
      const fromY = origin.y + x * (right.y - origin.y) + y * (below.y - origin.y);
      const left = Math.floor(fromX);
      const top = Math.floor(fromY);
      if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) continue;
      const rightShare = fromX - left;
      const lowerShare = fromY - top;
      const at = top * width + left;
      const upper = data[at]! * (1 - rightShare) + data[at + 1]! * rightShare;
      const lower = data[at + width]! * (1 - rightShare) + data[at + width + 1]! * rightShare;
      out[y * across + x] = upper * (1 - lowerShare) + lower * lowerShare;
    }
  return { width: across, height: down, data: out };
}
