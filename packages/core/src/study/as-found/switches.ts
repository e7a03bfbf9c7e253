/** Start aids a circuit may have as found. */
export const FOUND_AIDS = ["none", "start-capacitor", "start-capacitor-ptc", "start-capacitor-relay", "hard-start"] as const;
export const CONTROLS = ["relay", "board", "contactor"] as const;
export const RUN_PLACES = ["can", "contactor", "board"] as const;
export const FAN_CAPACITORS = ["dual", "separate", "none"] as const;
export const UNBROKEN_POLES = ["L1-T1", "L2-T2"] as const;
/** Conductors whose insulation differs from unit to unit. */
export const COLORED = ["run", "start", "common", "neutral", "fan", "aid"] as const;

/** What a look into the unit answers; the netlist is built from it. */
export interface AsFoundSwitches {
  /** 120 V between line and neutral, or 240 V between two lines. */
  readonly system: 120 | 240;
  readonly control: (typeof CONTROLS)[number];
  /** Of a contactor. */
  readonly poles: 1 | 2;
  readonly unbroken: (typeof UNBROKEN_POLES)[number];
  /** What common passes on its way to the compressor. */
  readonly overload: boolean;
  readonly freeze: boolean;
  readonly plug: boolean;
  /** Common joins a second wire in a splice before it reaches its control. */
  readonly commonJoint: boolean;
  readonly runAt: (typeof RUN_PLACES)[number];
  readonly aid: (typeof FOUND_AIDS)[number];
  /** A further wire hangs on the start capacitor's own terminal. */
  readonly aidJunction: boolean;
  readonly fan: (typeof FAN_CAPACITORS)[number];
  /** A crankcase heater across the contactor's open pole. */
  readonly heater: boolean;
  readonly heatPump: boolean;
  /** Common sits in a second box on the other side. */
  readonly secondBox: boolean;
  /** Two conductors of the run's colour enter the box. */
  readonly lookAlike: boolean;
  /** Tabs free on the run capacitor. */
  readonly freeC: number;
  readonly freeHerm: number;
  /** The capacitor's tabs are out of reach, or under a boot every new wire must pass. */
  readonly sealed: boolean;
  readonly boot: boolean;
  readonly colors: Readonly<Record<(typeof COLORED)[number], string>>;
}

/** A rooftop unit of the plainest kind. Colours prove nothing: these are only where the picture begins. */
export const PLAIN_ROOFTOP: AsFoundSwitches = {
  system: 120,
  control: "relay",
  poles: 2,
  unbroken: "L1-T1",
  overload: false,
  freeze: false,
  plug: false,
  commonJoint: false,
  runAt: "can",
  aid: "none",
  aidJunction: false,
  fan: "dual",
  heater: false,
  heatPump: false,
  secondBox: false,
  lookAlike: false,
  freeC: 1,
  freeHerm: 1,
  sealed: false,
  boot: false,
  colors: { run: "white", start: "red", common: "black", neutral: "white", fan: "brown", aid: "yellow" },
};

/** A condenser of the plainest kind, between two lines. */
export const PLAIN_CONDENSER: AsFoundSwitches = {
  ...PLAIN_ROOFTOP,
  system: 240,
  control: "contactor",
  runAt: "contactor",
  colors: { run: "yellow", start: "blue", common: "black", neutral: "red", fan: "brown", aid: "orange" },
};
