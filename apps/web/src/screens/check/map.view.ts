import { type Measure, shownAs } from "@amp-saver/core/figure";
import { itemAt } from "@amp-saver/core/quantity";
import { fitOfShare } from "@amp-saver/core/study/assess";
import type { MapPlace } from "../../chart/margin-map-picture.tsx";

/** A place on one side of the map. */
interface Place {
  readonly shown: number;
  readonly unit: string;
  readonly si: number;
}

/** Columns and rows of the map in round figures of the reader's own units. */
export interface MapPlaces {
  readonly along: readonly Place[];
  readonly up: readonly Place[];
  /** Column and row nearest to a question; null where it lies beyond the map. */
  readonly nearest: (outdoorC: number, up: number) => readonly [number, number] | null;
}

/** A place of the map as it is drawn, by the tries that started and that held; not known where none was made. */
export function mapPlace({ of, starts, holds }: { readonly of: number; readonly starts: number; readonly holds: number }): MapPlace {
  const per = of === 0 ? 0 : 100 / of;
  return { fit: of === 0 ? "not-known" : fitOfShare(holds / of), starts: starts * per, holds: holds * per };
}

const AIR = { us: { from: 60, to: 120 }, si: { from: 16, to: 48 } } as const;
const HEIGHT = { us: { from: 0, to: 10_000 }, si: { from: 0, to: 3000 } } as const;
const LOADS = { from: 0, to: 20 } as const;

/** Lays the map out; a narrow page gets fewer, wider columns. */
export function mapPlaces(axis: "altitude" | "loads", measure: Measure, narrow: boolean): MapPlaces {
  const air = shownAs("outdoorC", measure);
  const high = shownAs(axis === "altitude" ? "altitudeM" : "otherLoadsA", measure);
  const along = spread(AIR[measure], narrow ? 6 : 12).map((shown) => ({ shown, unit: air.unit, si: air.toSi(shown) }));
  const up = spread(axis === "altitude" ? HEIGHT[measure] : LOADS, 10).map((shown) => ({ shown, unit: high.unit, si: high.toSi(shown) }));
  return {
    along,
    up,
    nearest: (outdoorC, at) => {
      const column = nearestOf(along, outdoorC);
      const row = nearestOf(up, at);
      return column === null || row === null ? null : [column, row];
    },
  };
}

function spread({ from, to }: { readonly from: number; readonly to: number }, steps: number): number[] {
  return Array.from({ length: steps + 1 }, (_, i) => Math.round(from + ((to - from) * i) / steps));
}

function nearestOf(places: readonly Place[], si: number): number | null {
  const half = Math.abs(itemAt(places, 1).si - itemAt(places, 0).si) / 2;
  const at = places.findIndex((p) => Math.abs(p.si - si) <= half + 1e-6);
  return at < 0 ? null : at;
}
