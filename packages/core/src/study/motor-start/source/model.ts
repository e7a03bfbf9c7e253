import type { Bank } from "../../../device/battery/index.ts";
import type { BreakerBand } from "../../../device/breaker/index.ts";
import type { GeneratorEquations } from "../../../device/generator/index.ts";
import type { InverterGeneratorEquations } from "../../../device/inverter-generator/index.ts";
import type { ShoreEquations } from "../../../device/shore/index.ts";
import type { Endurance } from "../case.ts";
import type { Source } from "../input.ts";

/** A source as a start integrates it. */
export type SourceEquations = ShoreEquations | InverterGeneratorEquations | GeneratorEquations;

/** What a source carries, limits and protects, and how it behaves, whatever its kind. */
export interface SourceModel {
  /** Its equations, closed at an angle of its wave, with loads in phase beside the unit. */
  readonly equations: (hz: number, closingRad: number, loadsA: number) => SourceEquations;
  /** Resistance and reactance between what holds its volts and the unit, ohm. */
  readonly steadySeries: (hz: number) => readonly [ohm: number, reactanceOhm: number];
  /** The same source so many times as large: what makes power, with the impedance that goes with it, or a breaker's rating. */
  readonly scaled: (share: number) => Source;
  /** The same source at other volts, its breaker not judged. */
  readonly atVolts: (volts: number) => Source;
  /** The breaker that is judged; null for none. */
  readonly breaker: { readonly ratingA: number; readonly band: BreakerBand | null } | null;
  /** The bank it is fed from; null for none. */
  readonly bank: Bank | null;
  /** Most amps it gives in a start; null where only its breaker and its volts decide. */
  readonly startLimitA: number | null;
  /** Watts it carries for hours, a shore share included; null where no watts are rated. */
  readonly carriedW: number | null;
  /** Watts that come from shore at most. */
  readonly shoreW: number;
  /** Ratings above what it carries, least first, a shore share included. */
  readonly ratings: readonly Endurance[];
  /** Seconds for which its own limit in a start lasts before it shuts off; null where it does not shut off by amps. */
  readonly dropOutS: number | null;
  /** Whether it turns slower under load. */
  readonly turns: boolean;
  /** Whether it idles down or sleeps between loads. */
  readonly eco: boolean;
}
