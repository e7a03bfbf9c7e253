import { itemAt } from "@amp-saver/core/quantity";
import {
  graymapOf,
  type PlateKind,
  type PlateReading,
  preparePlate,
  type ReadWord,
  readPlate,
  shareOf,
  type Turn,
} from "@amp-saver/core/study/plate-reading";
import { expose, transfer } from "comlink";

/** A photograph made ready for one look. */
export interface PlateLook {
  readonly file: Uint8Array<ArrayBuffer>;
  readonly turn: Turn;
}

const eye = {
  /** Answers as soon as the script is there. */
  ready: (): boolean => true,
  /** Colored pixels made ready for the looks. */
  prepare(width: number, height: number, rgba: Uint8ClampedArray): readonly PlateLook[] {
    const looks = preparePlate(width, height, rgba).map(({ picture, turn }) => ({ file: graymapOf(picture), turn }));
    return transfer(
      looks,
      looks.map(({ file }) => file.buffer),
    );
  },
  /** What was read, its places as shares of the photograph's width and height. */
  read(looks: readonly { readonly words: readonly ReadWord[]; readonly turn: Turn }[], kind: PlateKind): PlateReading {
    const { figures, texts } = readPlate(
      looks.map(({ words }) => words),
      kind,
    );
    const placed = <T extends { readonly look: number; readonly box: ReadWord["box"] }>(read: T): T => ({
      ...read,
      box: shareOf(itemAt(looks, read.look).turn, read.box),
    });
    return { figures: figures.map(placed), texts: texts.map(placed) };
  },
};

/** What the page may ask of the worker. */
export type PlateEye = typeof eye;

expose(eye);
