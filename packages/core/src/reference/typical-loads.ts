/** A usual load of a rig or a house. */
export interface TypicalLoad {
  readonly code: string;
  readonly watts: number;
  /** Amps while it starts over running amps; 1 for what does not surge. */
  readonly startOverRun: number;
  readonly continuous: boolean;
  /** Comes on by itself. */
  readonly automatic: boolean;
  /** 1 to keep, 5 first to go. */
  readonly priority: 1 | 2 | 3 | 4 | 5;
  /** Between two legs. */
  readonly both: boolean;
  /** DC amps of a charger; null for others. */
  readonly chargeA: number | null;
}

const load = (code: string, watts: number, more: Partial<Omit<TypicalLoad, "code" | "watts">> = {}): TypicalLoad => ({
  code,
  watts,
  startOverRun: 1,
  continuous: false,
  automatic: false,
  priority: 3,
  both: false,
  chargeA: null,
  ...more,
});

/** Usual loads. The charger's 33 A DC were read on a display (common practice, no source); the rest is from memory. */
export const TYPICAL_LOADS: readonly TypicalLoad[] = [
  load("fridge-compressor", 90, { startOverRun: 4, automatic: true, priority: 1 }),
  load("fridge-absorption", 325, { continuous: true, automatic: true, priority: 2 }),
  load("charger", 530, { continuous: true, automatic: true, chargeA: 33 }),
  load("microwave", 1500, { priority: 4 }),
  load("coffee", 1000, { priority: 4 }),
  load("kettle", 1500, { priority: 5 }),
  load("toaster", 1000, { priority: 5 }),
  load("hair-dryer", 1500, { priority: 5 }),
  load("hob", 1800, { priority: 4 }),
  load("water-heater", 1440, { automatic: true, priority: 4 }),
  load("space-heater", 1500, { continuous: true, priority: 4 }),
  load("television", 100),
  load("laptop", 60, { priority: 2 }),
  load("lights", 60, { continuous: true, priority: 1 }),
  load("vacuum", 1000, { startOverRun: 2, priority: 5 }),
  load("washer", 500, { startOverRun: 3, priority: 5 }),
  load("dehumidifier", 300, { startOverRun: 4, continuous: true, automatic: true, priority: 4 }),
  load("well-pump", 1100, { startOverRun: 4, automatic: true, priority: 2, both: true }),
  load("dryer", 5000, { priority: 5, both: true }),
];
