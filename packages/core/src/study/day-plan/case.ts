import type { StoredBank } from "../../device/battery/index.ts";

/** A stretch of the day, minutes from midnight; one that ends before it begins runs over midnight, one that ends as it begins is all day. */
export interface TimeWindow {
  readonly fromMin: number;
  readonly toMin: number;
}

/** Outdoor air of a day: coolest before sunrise, hottest in the afternoon. */
export interface Weather {
  readonly coolestC: number;
  readonly hottestC: number;
}

/** A unit on its thermostat. */
interface DayUnit {
  readonly id: string;
  /** Watts while it runs on a day of 35 °C. */
  readonly watts: number;
  readonly priority: number;
}

/** A load and when it is on; all day where no spell is given. */
interface DayLoad {
  readonly id: string;
  readonly watts: number;
  readonly priority: number;
  readonly spells: readonly TimeWindow[];
}

/** A source and when it is there; the first of the list that is there feeds the rig. */
export interface DaySource {
  readonly id: string;
  readonly watts: number;
  /** Watts on the plate where it burns fuel, and whether eco mode is on; null for a hook-up. */
  readonly engine: { readonly ratedW: number; readonly eco: boolean } | null;
  readonly spells: readonly TimeWindow[];
}

/** A bank behind an inverter, which feeds the rig where no source is there, and is charged where one is. */
export interface DayBank extends StoredBank {
  /** Share that may be used: below what is left the inverter is to stop. */
  readonly depth: number;
  readonly inverterW: number;
  /** Watts a charger takes at most on the AC side. */
  readonly chargerW: number;
  /** Its power factor: it takes more of a source than its watts. */
  readonly chargerPf: number;
  /** Charge at midnight, share of what the bank holds. */
  readonly chargeAtStart: number;
}

/** A day of a rig. */
export interface DayCase {
  readonly weather: Weather;
  readonly units: readonly DayUnit[];
  readonly loads: readonly DayLoad[];
  readonly sources: readonly DaySource[];
  readonly bank: DayBank | null;
}
