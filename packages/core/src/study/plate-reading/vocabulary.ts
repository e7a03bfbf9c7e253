import { faradFromUf, W_PER_BTU_H, W_PER_TON } from "../../quantity/index.ts";
import { folded } from "./fold.ts";

/** What may be photographed. */
export type PlateKind = "unit" | "capacitor" | "generator" | "inverter";

/** Figures that a plate may say; a capacitor's second section belongs to the fan. */
const PLATE_FIGURES = [
  "plateVolts",
  "hz",
  "phase",
  "ratedLoadA",
  "lockedRotorA",
  "fanA",
  "circuitA",
  "maxBreakerA",
  "coolingW",
  "runCapacitorF",
  "fanCapacitorF",
  "printedVolts",
  "printedShare",
  "runningW",
  "surgeW",
  "sourceVolts",
  "bankVolts",
  "madeYear",
] as const;
export type PlateFigure = (typeof PLATE_FIGURES)[number];

/** Words of a plate that are kept as they stand. */
const PLATE_TEXTS = ["model", "serial", "refrigerant"] as const;
export type PlateText = (typeof PLATE_TEXTS)[number];

/** How a figure is printed: its names in English and French, its units as multiples of SI, and what a plate of this kind may say, in SI (common practice, no source). */
export interface PlateRow {
  readonly names: readonly string[];
  readonly units: Readonly<Record<string, number>>;
  readonly min: number;
  readonly max: number;
  /** The only values there are, where there are only some. */
  readonly only?: readonly number[];
  /** Places after the point that it is usually printed with. */
  readonly decimals?: 1;
}

const listed = (names: string): readonly string[] => names.split(", ");

const AMPS = { A: 1, AMP: 1, AMPS: 1, AMPERES: 1, "": 1 };
const VOLTS = { V: 1, VAC: 1, VOLT: 1, VOLTS: 1, "V~": 1, VCA: 1, "": 1 };
const WATTS = { W: 1, WATT: 1, WATTS: 1, VA: 1, KW: 1000, KVA: 1000, "": 1 };
/** The Greek letter is read as one of several; none of them stands on a run capacitor for anything else. */
const FARADS = {
  NF: faradFromUf(1),
  PF: faradFromUf(1),
  UFD: faradFromUf(1),
  UF: faradFromUf(1),
  MFD: faradFromUf(1),
  MF: faradFromUf(1),
  "": faradFromUf(1),
};
const BREAKERS = [10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100];
const LINE_VOLTS = [100, 110, 115, 120, 127, 208, 220, 230, 240];
const HERTZ: PlateRow = {
  names: listed("HZ, HERTZ, FREQUENCY, FREQ, CYCLES, FREQUENCE"),
  units: { HZ: 1, HERTZ: 1, "": 1 },
  min: 50,
  max: 60,
  only: [50, 60],
};
const PHASE: PlateRow = { names: listed("PH, PHASE, PHASES"), units: { PH: 1, PHASE: 1, "": 1 }, min: 1, max: 3, only: [1, 3] };

/** Names and units of what each kind of plate says. */
export const VOCABULARY: Readonly<Record<PlateKind, Readonly<Partial<Record<PlateFigure, PlateRow>>>>> = {
  unit: {
    plateVolts: {
      names: listed(
        "VOLTS, VOLTAGE, RATED VOLTAGE, VOLTS AC, VAC, SUPPLY, SUPPLY VOLTAGE, POWER SUPPLY, TENSION, TENSION NOMINALE, ALIMENTATION",
      ),
      units: VOLTS,
      min: 100,
      max: 240,
      only: LINE_VOLTS,
    },
    hz: HERTZ,
    phase: PHASE,
    ratedLoadA: {
      names: listed(
        "RLA, RATED LOAD AMPS, RATED LOAD, COMPRESSOR RLA, COMP RLA, COMPR RLA, RATED AMPS, COMPRESSOR AMPS, RATED LOAD CURRENT, RLA EACH, COURANT NOMINAL, INTENSITE NOMINALE, COURANT NOM, COURANT NOM COMPR, COURANT NOMINAL COMPRESSEUR, COURANT COMPRESSEUR",
      ),
      units: AMPS,
      min: 2,
      max: 60,
      decimals: 1,
    },
    lockedRotorA: {
      names: listed(
        "LRA, LRA/PH, LRA PER PHASE, LOCKED ROTOR AMPS, LOCKED ROTOR, COMPRESSOR LRA, COMP LRA, LOCKED ROTOR CURRENT, ROTOR BLOQUE, COURANT ROTOR BLOQUE, INTENSITE ROTOR BLOQUE, COURANT A ROTOR BLOQUE",
      ),
      units: AMPS,
      min: 8,
      max: 350,
    },
    fanA: {
      names: listed(
        "FLA, FAN FLA, FAN MOTOR FLA, FULL LOAD AMPS, FAN MOTOR AMPS, FAN AMPS, MOTOR FLA, FAN MOTOR, VENTILATEUR, COURANT VENTILATEUR, MOTEUR VENTILATEUR, MOTEUR DU VENTILATEUR",
      ),
      units: AMPS,
      min: 0.1,
      max: 12,
      decimals: 1,
    },
    circuitA: {
      names: listed(
        "MCA, MIN CIRCUIT AMPACITY, MINIMUM CIRCUIT AMPACITY, MIN CIRCUIT AMPS, MIN CKT AMPS, MIN CKT AMPACITY, MINIMUM CIRCUIT AMPS, CIRCUIT AMPACITY, MIN AMPACITY, COURANT ADMISSIBLE MIN, COURANT MIN CIRCUIT, COURANT MINIMAL DU CIRCUIT, COURANT MIN DU CIRCUIT",
      ),
      units: AMPS,
      min: 3,
      max: 100,
      decimals: 1,
    },
    maxBreakerA: {
      names: listed(
        "MAX FUSE, MAX BREAKER, MAX FUSE/BREAKER, MAX FUSE OR BREAKER, MAX FUSE/CKT BKR, MAXIMUM FUSE, MAX FUSE SIZE, MOP, MOCP, MAX OVERCURRENT PROTECTION, MAX OVERCURRENT DEVICE, MAX CIRCUIT BREAKER, FUSE SIZE MAX, FUSIBLE MAX, DISJONCTEUR MAX, PROTECTION MAX, FUSIBLE MAXIMAL",
      ),
      units: AMPS,
      min: 10,
      max: 100,
      only: BREAKERS,
    },
    coolingW: {
      names: listed(
        "COOLING CAPACITY, CAPACITY, COOLING, COOLING BTU/H, BTU/H, BTUH, BTU, RATED COOLING, NOMINAL CAPACITY, PUISSANCE FRIGORIFIQUE, CAPACITE, CAPACITE DE REFROIDISSEMENT, PUISSANCE, REFROIDISSEMENT",
      ),
      units: {
        "BTU/H": W_PER_BTU_H,
        BTUH: W_PER_BTU_H,
        BTU: W_PER_BTU_H,
        "BTU/HR": W_PER_BTU_H,
        KW: 1000,
        TON: W_PER_TON,
        TONS: W_PER_TON,
        W: 1,
        "": W_PER_BTU_H,
      },
      min: 1000,
      max: 20_000,
    },
    madeYear: {
      names: listed(
        "DATE, MFG DATE, DATE OF MANUFACTURE, DATE OF MFR, MFR DATE, MANUFACTURED, DATE DE FABRICATION, FABRIQUE EN, YEAR, MADE IN",
      ),
      units: { "": 1 },
      min: 1970,
      max: 2100,
    },
  },
  capacitor: {
    runCapacitorF: {
      names: listed("CAPACITANCE, RUN CAPACITOR, CAPACITOR, CAP, MFD, UF, CAPACITE, CONDENSATEUR"),
      units: FARADS,
      min: faradFromUf(2),
      max: faradFromUf(150),
    },
    printedVolts: {
      names: listed("VOLTS, VOLTAGE, RATED VOLTAGE, VAC, TENSION, TENSION NOMINALE"),
      units: VOLTS,
      min: 200,
      max: 660,
      only: [220, 240, 250, 330, 370, 400, 425, 440, 450, 475, 500, 525, 600, 660],
    },
    printedShare: {
      names: listed("TOLERANCE, TOL"),
      units: { "%": 0.01, "": 0.01 },
      min: 0.02,
      max: 0.2,
      only: [0.03, 0.05, 0.06, 0.1, 0.15, 0.2],
    },
    hz: HERTZ,
  },
  generator: {
    runningW: {
      names: listed(
        "RUNNING WATTS, RATED WATTS, RATED OUTPUT, CONTINUOUS OUTPUT, CONTINUOUS WATTS, RATED POWER, RUNNING POWER, PUISSANCE NOMINALE, PUISSANCE CONTINUE",
      ),
      units: WATTS,
      min: 500,
      max: 30_000,
    },
    surgeW: {
      names: listed(
        "STARTING WATTS, SURGE WATTS, MAX OUTPUT, PEAK WATTS, MAXIMUM OUTPUT, MAX POWER, SURGE POWER, PEAK POWER, MAX WATTS, PUISSANCE MAX, PUISSANCE DE POINTE, PUISSANCE MAXIMALE",
      ),
      units: WATTS,
      min: 500,
      max: 60_000,
    },
    sourceVolts: {
      names: listed("VOLTS, VOLTAGE, RATED VOLTAGE, AC VOLTAGE, AC OUTPUT, VOLTS AC, TENSION, TENSION DE SORTIE, SORTIE CA"),
      units: VOLTS,
      min: 100,
      max: 240,
      only: LINE_VOLTS,
    },
    hz: HERTZ,
    phase: PHASE,
  },
  inverter: {
    runningW: {
      names: listed(
        "RUNNING WATTS, RATED WATTS, RATED OUTPUT, CONTINUOUS OUTPUT, CONTINUOUS WATTS, RATED POWER, CONTINUOUS POWER, OUTPUT POWER, PUISSANCE NOMINALE, PUISSANCE CONTINUE",
      ),
      units: WATTS,
      min: 200,
      max: 20_000,
    },
    surgeW: {
      names: listed(
        "STARTING WATTS, SURGE WATTS, MAX OUTPUT, PEAK WATTS, MAXIMUM OUTPUT, SURGE POWER, PEAK POWER, MAX POWER, PUISSANCE MAX, PUISSANCE DE POINTE, PUISSANCE MAXIMALE",
      ),
      units: WATTS,
      min: 200,
      max: 60_000,
    },
    bankVolts: {
      names: listed(
        "DC INPUT, INPUT VOLTAGE DC, BATTERY VOLTAGE, DC VOLTAGE, INPUT VOLTAGE, BATTERY, VDC, ENTREE CC, TENSION BATTERIE, TENSION D'ENTREE",
      ),
      units: { VDC: 1, V: 1, VOLTS: 1, VCC: 1, "V DC": 1, "": 1 },
      min: 11,
      max: 60,
      only: [12, 12.5, 12.8, 24, 25.6, 36, 48, 51.2],
    },
    sourceVolts: {
      names: listed("AC OUTPUT, OUTPUT VOLTAGE, AC VOLTAGE, VAC, SORTIE CA, TENSION DE SORTIE, OUTPUT"),
      units: VOLTS,
      min: 100,
      max: 240,
      only: LINE_VOLTS,
    },
    hz: HERTZ,
  },
};

/** Figures that their unit alone names, where no other of these has it. */
const NAMED_BY_UNIT: readonly PlateFigure[] = [
  "plateVolts",
  "sourceVolts",
  "bankVolts",
  "printedVolts",
  "hz",
  "phase",
  "runCapacitorF",
  "printedShare",
];

/** The figure that a unit alone names on this kind of plate; undefined where it names none, or several. */
export function figureOfUnit(kind: PlateKind, unit: string): PlateFigure | undefined {
  if (unit === "") return undefined;
  const found = NAMED_BY_UNIT.filter((figure) =>
    Object.keys(VOCABULARY[kind][figure]?.units ?? {}).some((name) => keysOf(name).includes(unit)),
  );
  return found.length === 1 ? found[0] : undefined;
}

/** Names of what is kept as it stands. */
const TEXT_NAMES: Readonly<Record<"model" | "serial", readonly string[]>> = {
  model: listed("MODEL, MODEL NO, MODEL NUMBER, M/N, MOD, MODELE, MODELE NO, MODELE N"),
  serial: listed("SERIAL, SERIAL NO, SERIAL NUMBER, S/N, SER NO, NO DE SERIE, N DE SERIE, NUMERO DE SERIE, SERIE"),
};

/** Refrigerants that a unit may say it holds; those of class A2L burn, if hardly (ANSI/ASHRAE 34, from memory). */
export const REFRIGERANTS: Readonly<Record<string, "A1" | "A2L" | "A3">> = {
  "R-22": "A1",
  "R-134A": "A1",
  "R-407C": "A1",
  "R-410A": "A1",
  "R-404A": "A1",
  "R-32": "A2L",
  "R-452B": "A2L",
  "R-454B": "A2L",
  "R-454C": "A2L",
  "R-1234YF": "A2L",
  "R-290": "A3",
};

/** What a name of a plate stands for. */
export type Named = PlateFigure | "model" | "serial";

/** How a name is looked up: a stroke is read as nothing, or as a letter. */
export const keysOf = (name: string): readonly string[] => [...new Set([folded(name), folded(name.replaceAll("/", "I"))])];

/** The names of one kind of plate as they are looked up, longest first. */
export function namesOf(kind: PlateKind): readonly { readonly key: string; readonly named: Named }[] {
  const figures = PLATE_FIGURES.map((named) => ({ named, names: VOCABULARY[kind][named]?.names ?? [] }));
  const texts = (["model", "serial"] as const).map((named) => ({ named, names: TEXT_NAMES[named] }));
  return [...figures, ...texts]
    .flatMap(({ named, names }) => names.flatMap(keysOf).map((key): { key: string; named: Named } => ({ key, named })))
    .toSorted((a, b) => b.key.length - a.key.length);
}
