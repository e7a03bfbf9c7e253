import { LABELS } from "@amp-saver/core/study/windings";
import type { Photo, Spot, Wiring } from "@amp-saver/records";
import { PINS } from "../../words/pins.ts";
import type { WiringNames } from "../../words/wiring.ts";
import { type PlanView, wireProof } from "../prepare/wiring.view.ts";

/** A terminal or a wire that can be pinned on a photo. */
export interface PinTarget {
  readonly id: string;
  readonly kind: "terminal" | "wire";
  readonly name: string;
  /** The letter that the wire's lead was labelled with. */
  readonly lead: string | null;
  /** Whether a wire that is to be opened is proven to be the one; null where nothing opens it. */
  readonly proven: boolean | null;
}

const isOurs = (id: string): boolean => /^(starter|jumper)\./.test(id);

/** Everything of a unit as found that its plan touches, in the order of the steps, and the labelled leads. */
export function pinTargets(plan: PlanView, wiring: Wiring, photos: readonly Photo[], names: WiringNames): readonly PinTarget[] {
  const parts = new Set(plan.asFound.parts.map(({ id }) => id));
  const wires = new Set(plan.asFound.conductors.map(({ id }) => id));
  const bare = (id: string): string => id.replace(/\/\d+$/, "");
  const found: PinTarget[] = [];
  const add = (target: PinTarget): void => {
    if (!found.some(({ id }) => id === target.id)) found.push(target);
  };
  const wire = (id: string): void => {
    if (!wires.has(id)) return;
    const lead = LABELS.find((label) => wiring.leads[label] === id) ?? null;
    const proven = plan.opened.includes(id) ? wireProof(wiring, photos, id).release.released : null;
    add({ id, kind: "wire", name: names.wire(id), lead, proven });
  };
  for (const { terminals, conductors } of plan.groups) {
    for (const at of terminals)
      if (!isOurs(at) && parts.has(at.slice(0, at.lastIndexOf("."))))
        add({ id: at, kind: "terminal", name: names.terminal(at), lead: null, proven: null });
    for (const id of conductors) wire(bare(id));
  }
  for (const label of LABELS) {
    const id = wiring.leads[label];
    if (id !== undefined) wire(id);
  }
  return found;
}

/** Photos of a unit that show its box, those as found before those as built, the newest of each first. */
export function boxPhotos(photos: readonly Photo[], unitId: string): readonly Photo[] {
  const subjects: readonly Photo["of"][] = ["as-found", "as-built", "step", "other"];
  return photos
    .filter((photo) => photo.unitId === unitId && subjects.includes(photo.of))
    .toSorted((a, b) => subjects.indexOf(a.of) - subjects.indexOf(b.of) || (a.takenAt < b.takenAt ? 1 : -1));
}

const apart = (a: Spot, b: Spot): number => Math.hypot(a.x - b.x, a.y - b.y);

/** The nearest of some places within reach, else the place itself. */
export function snapped(spot: Spot, places: readonly Spot[], reach: number): Spot {
  const [nearest] = places.toSorted((a, b) => apart(a, spot) - apart(b, spot));
  return nearest !== undefined && apart(nearest, spot) <= reach ? nearest : spot;
}

/** How far a place lies from the line between two others. */
function offLine({ x, y }: Spot, a: Spot, b: Spot): number {
  const long = apart(a, b);
  return long === 0 ? apart({ x, y }, a) : Math.abs((b.x - a.x) * (a.y - y) - (a.x - x) * (b.y - a.y)) / long;
}

/** A way with no more points than `most`: those nearest the line between their neighbors go first (after U. Ramer, 1972). */
export function thinned(way: readonly Spot[], most: number): readonly Spot[] {
  const left = [...way];
  while (left.length > most) {
    let least = Number.POSITIVE_INFINITY;
    let at = 1;
    for (const [k, spot] of left.entries()) {
      const [before, after] = [left[k - 1], left[k + 1]];
      if (before === undefined || after === undefined) continue;
      const off = offLine(spot, before, after);
      if (off < least) {
        least = off;
        at = k;
      }
    }
    left.splice(at, 1);
  }
  return left;
}

/** What stands beside a mark: the lead's letter, the name, and whether the wire is proven. */
export const markedName = ({ name, lead, proven }: PinTarget): string =>
  [lead === null ? null : PINS.lead(lead), name, proven === null ? null : proven ? PINS.proven : PINS.notProven]
    .filter((part) => part !== null)
    .join(", ");
