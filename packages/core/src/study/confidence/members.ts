import { ok, type Result } from "../../quantity/index.ts";
import {
  frameOf,
  type PreparedUnit,
  type PrepareFailure,
  prepareUnit,
  type StartCase,
  startsAsSeen,
  type UnitFrame,
} from "../motor-start/index.ts";

/** Draws given up after so many for one member: the figures themselves cannot be true. */
const MOST_DRAWS = 60;

/** A unit that may be the true one, and how many draws were none on the way to it. */
export interface Member {
  readonly unit: PreparedUnit | null;
  readonly rejected: number;
}

/**
 * Units drawn over everything that was not measured, those left out that would not start as this one was
 * seen to. Member i depends on the unit, the seed and i alone: the same members meet every source, way
 * of starting, air and altitude, and are drawn once for all of them.
 */
export class Members {
  private readonly unit: StartCase["unit"];
  private readonly seed: number;
  private readonly frame: UnitFrame;
  private readonly known = new Map<number, Member>();

  constructor(unit: StartCase["unit"], seed: number) {
    this.unit = unit;
    this.seed = seed;
    this.frame = frameOf(unit);
  }

  /** Member i, drawn at the first asking; fails where nothing can be drawn at all. */
  at(i: number): Result<Member, PrepareFailure> {
    const kept = this.known.get(i);
    if (kept !== undefined) return ok(kept);
    for (let attempt = 0; attempt < MOST_DRAWS; attempt++) {
      const drawn = prepareUnit(this.unit, { kind: "drawn", seed: this.seed, member: i, attempt }, this.frame);
      if (!drawn.ok && drawn.reason === "needs-amps") return drawn;
      if (drawn.ok && this.canBeTrue(drawn.value)) return this.keep(i, { unit: drawn.value, rejected: attempt });
    }
    return this.keep(i, { unit: null, rejected: MOST_DRAWS });
  }

  private canBeTrue(unit: PreparedUnit): boolean {
    return this.unit.seenToStart === false || this.unit.motor !== undefined || startsAsSeen(unit);
  }

  private keep(i: number, member: Member): Result<Member, PrepareFailure> {
    this.known.set(i, member);
    return ok(member);
  }
}
