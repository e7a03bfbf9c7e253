import { SeededRandom } from "@amp-saver/core/numeric";

type PlateKind = "unit" | "capacitor" | "generator" | "inverter";
type Layout = "rows" | "two" | "table" | "inline" | "value-first" | "cells";

/** One figure as it stands on a drawn plate. */
export interface Entry {
  readonly figure: string;
  /** The value that a reader has to come to, in the unit it is printed in. */
  readonly value: string;
  readonly label: string;
  readonly printed: string;
}

/** A drawn plate: what stands on it and how it was photographed. */
export interface PlateSpec {
  readonly number: number;
  readonly kind: PlateKind;
  readonly language: "en" | "fr";
  readonly layout: Layout;
  readonly title: string;
  readonly entries: readonly Entry[];
  readonly font: string;
  readonly bold: boolean;
  readonly surface: "label" | "dark" | "metal" | "foil";
  readonly tiltDeg: number;
  readonly yawDeg: number;
  readonly pitchDeg: number;
  readonly blurPx: number;
  readonly glare: number;
  readonly shade: number;
  readonly dirt: number;
  readonly quality: number;
}

type Chance = { readonly pick: <T>(list: readonly T[]) => T; readonly between: (min: number, max: number) => number };

const FONTS = [
  "Liberation Sans",
  "Liberation Sans Narrow",
  "Liberation Mono",
  "DejaVu Sans",
  "DejaVu Sans Condensed",
  "DejaVu Sans Mono",
  "DejaVu Serif",
] as const;

const SIZES = [
  { btuH: 7100, rla: 7.1, lra: 35, fla: 1.6 },
  { btuH: 9200, rla: 9.1, lra: 44, fla: 1.9 },
  { btuH: 11_000, rla: 10.6, lra: 51, fla: 2.3 },
  { btuH: 13_500, rla: 13.2, lra: 63, fla: 2.5 },
  { btuH: 15_000, rla: 14.8, lra: 69, fla: 3.1 },
  { btuH: 24_000, rla: 10.9, lra: 58.3, fla: 0.8 },
  { btuH: 36_000, rla: 16.7, lra: 79, fla: 1.4 },
  { btuH: 48_000, rla: 21.8, lra: 117, fla: 1.7 },
] as const;

/** Ways in which a maker may print a figure's name. */
const LABELS: Readonly<Record<"en" | "fr", Readonly<Record<string, readonly string[]>>>> = {
  en: {
    model: ["MODEL", "MODEL NO.", "M/N"],
    serial: ["SERIAL NO.", "SERIAL", "S/N"],
    volts: ["VOLTS", "VOLTAGE", "RATED VOLTAGE", "VOLTS AC"],
    hz: ["HZ", "HERTZ", "FREQUENCY"],
    phase: ["PH", "PHASE"],
    ratedLoadA: ["RLA", "R.L.A.", "RATED LOAD AMPS", "COMPRESSOR RLA", "COMP RLA"],
    lockedRotorA: ["LRA", "L.R.A.", "LOCKED ROTOR AMPS", "LRA/PH", "COMPRESSOR LRA"],
    fanA: ["FLA", "FAN FLA", "FAN MOTOR FLA", "FULL LOAD AMPS"],
    circuitA: ["MCA", "MIN CIRCUIT AMPACITY", "MIN. CIRCUIT AMPS", "MINIMUM CIRCUIT AMPACITY"],
    maxBreakerA: ["MAX FUSE", "MAX BREAKER", "MAX FUSE/BREAKER", "MOP", "MAX OVERCURRENT PROTECTION"],
    cooling: ["COOLING CAPACITY", "CAPACITY", "COOLING"],
    refrigerant: ["REFRIGERANT", "REFRIG.", "CHARGE"],
    madeYear: ["DATE", "MFG DATE", "DATE OF MANUFACTURE"],
    runCapacitor: ["CAPACITANCE", "RUN CAPACITOR"],
    printedVolts: ["VOLTS", "RATED VOLTAGE"],
    tolerance: ["TOLERANCE", "TOL"],
    runningW: ["RUNNING WATTS", "RATED WATTS", "CONTINUOUS OUTPUT", "RATED OUTPUT"],
    surgeW: ["STARTING WATTS", "SURGE WATTS", "MAX OUTPUT", "PEAK WATTS"],
    bankVolts: ["DC INPUT", "INPUT VOLTAGE DC", "BATTERY VOLTAGE"],
    outputVolts: ["AC OUTPUT", "OUTPUT VOLTAGE", "AC VOLTAGE"],
  },
  fr: {
    model: ["MODELE", "MODÈLE", "MODÈLE N°"],
    serial: ["N° DE SERIE", "NO DE SÉRIE"],
    volts: ["TENSION", "VOLTS"],
    hz: ["FREQUENCE", "HZ"],
    phase: ["PHASE", "PH"],
    ratedLoadA: ["COURANT NOMINAL", "INTENSITE NOMINALE", "COURANT NOM. COMPR."],
    lockedRotorA: ["COURANT ROTOR BLOQUE", "ROTOR BLOQUÉ", "INTENSITÉ ROTOR BLOQUÉ"],
    fanA: ["COURANT VENTILATEUR", "VENTILATEUR", "MOTEUR VENTILATEUR"],
    circuitA: ["COURANT ADMISSIBLE MIN", "COURANT MIN. CIRCUIT"],
    maxBreakerA: ["FUSIBLE MAX", "DISJONCTEUR MAX", "PROTECTION MAX"],
    cooling: ["PUISSANCE FRIGORIFIQUE", "CAPACITE"],
    refrigerant: ["FRIGORIGENE", "RÉFRIGÉRANT", "CHARGE"],
    madeYear: ["DATE DE FABRICATION", "DATE"],
    runCapacitor: ["CAPACITÉ", "CONDENSATEUR"],
    printedVolts: ["TENSION"],
    tolerance: ["TOLERANCE", "TOLÉRANCE"],
    runningW: ["PUISSANCE NOMINALE", "PUISSANCE CONTINUE"],
    surgeW: ["PUISSANCE MAX", "PUISSANCE DE POINTE"],
    bankVolts: ["ENTREE CC", "TENSION BATTERIE"],
    outputVolts: ["SORTIE CA", "TENSION DE SORTIE"],
  },
};

const thousands = (value: number): string => value.toLocaleString("en-US");

function unitFigures(chance: Chance, language: "en" | "fr"): [string, string, string][] {
  const size = chance.pick(SIZES);
  const high = size.btuH >= 24_000;
  const si = language === "fr" || chance.between(0, 1) < 0.15;
  const volts = high ? chance.pick(["208/230", "208-230", "230"]) : chance.pick(["115", "115", "120"]);
  const hz = si && high && chance.between(0, 1) < 0.4 ? "50" : "60";
  const decimal = (text: string): string => (language === "fr" ? text.replace(".", ",") : text);
  const amps = (value: number): string => decimal(value.toFixed(1));
  const unit = chance.pick([" A", "", "A", " AMPS"]);
  const rla = size.rla + Math.round(chance.between(-4, 4)) / 10;
  const lra = size.lra + Math.round(chance.between(-4, 4));
  const mca = Math.round((1.25 * rla + size.fla) * 10) / 10;
  const breaker = [15, 20, 25, 30, 35, 40, 45, 50].find((a) => a >= mca + rla * 0.35) ?? 50;
  const kw = (size.btuH * 0.29307107) / 1000;
  const refrigerant = chance.pick(["R-410A", "R-410A", "R-32", "R-454B", "R-22", "R-407C"]);
  const year = 2008 + Math.round(chance.between(0, 17));
  const month = 1 + Math.floor(chance.between(0, 12));
  const model = `${chance.pick(["HL", "RT", "KD", "NV"])}${Math.round(size.btuH / 100)}${chance.pick(["A1", "C", "S2", ""])}`;
  const charge = Math.round(chance.between(10, 40));
  return [
    ["model", model, model],
    [
      "serial",
      `${String(year % 100).padStart(2, "0")}${String(month * 4).padStart(2, "0")}${10_000 + Math.round(chance.between(0, 80_000))}`,
      "",
    ],
    ["volts", volts, volts + chance.pick(["", "V", " V", " VAC"])],
    ["hz", hz, hz + chance.pick(["", " HZ", ""])],
    ["phase", "1", "1"],
    ["ratedLoadA", rla.toFixed(1), amps(rla) + unit],
    ["lockedRotorA", Number.isInteger(lra) ? String(lra) : lra.toFixed(1), (Number.isInteger(lra) ? String(lra) : amps(lra)) + unit],
    ["fanA", size.fla.toFixed(1), amps(size.fla) + unit],
    ["circuitA", mca.toFixed(1), amps(mca) + unit],
    ["maxBreakerA", String(breaker), breaker + unit],
    [
      "cooling",
      si ? kw.toFixed(2) : String(size.btuH),
      si ? `${decimal(kw.toFixed(2))} kW` : `${chance.pick([thousands(size.btuH), String(size.btuH)])} BTU/H`,
    ],
    ["refrigerant", refrigerant, `${refrigerant}  ${si ? `${decimal((charge * 0.02835).toFixed(2))} kg` : `${charge} OZ`}`],
    ["madeYear", String(year), `${String(month).padStart(2, "0")}/${year}`],
  ];
}

function capacitorFigures(chance: Chance): [string, string, string][] {
  const uf = chance.pick(["35", "45", "40/5", "45/5", "50", "30", "55/7.5"]);
  const share = chance.pick(["5", "6", "10"]);
  const volts = chance.pick(["370", "440"]);
  return [
    ["runCapacitor", uf, `${uf} ${chance.pick(["µF", "MFD", "uF"])}`],
    ["tolerance", share, `±${share}%`],
    ["printedVolts", volts, `${volts} VAC`],
    ["hz", "60", chance.pick(["50/60 HZ", "60 HZ"])],
  ];
}

function generatorFigures(chance: Chance): [string, string, string][] {
  const [running, surge] = chance.pick([
    [1600, 2000],
    [1800, 2200],
    [2800, 3400],
    [3000, 3500],
    [4000, 5000],
    [7000, 9000],
  ] as const);
  const w = (value: number): string => `${chance.pick([thousands(value), String(value)])} W`;
  return [
    ["runningW", String(running), w(running)],
    ["surgeW", String(surge), w(surge)],
    ["volts", "120", "120 V"],
    ["hz", "60", "60 HZ"],
    ["phase", "1", "1"],
  ];
}

function inverterFigures(chance: Chance): [string, string, string][] {
  const [running, surge] = chance.pick([
    [1200, 2400],
    [2000, 4000],
    [2000, 3000],
    [3000, 6000],
  ] as const);
  const bank = chance.pick(["12", "24", "48", "12.8"]);
  return [
    ["runningW", String(running), `${running} W`],
    ["surgeW", String(surge), `${surge} W`],
    ["bankVolts", bank, `${bank} VDC`],
    ["outputVolts", "120", "120 VAC"],
    ["hz", "60", "60 HZ"],
  ];
}

/** Numbers of the plates that the reader was built on, and of those it was only tried on. */
export const BUILT_ON = Array.from({ length: 30 }, (_, k) => k);
export const TRIED_ON = Array.from({ length: 30 }, (_, k) => 30 + k);

/** The plate of a number: the same each time. */
export function plateOf(number: number): PlateSpec {
  const random = new SeededRandom(7919, number);
  const chance: Chance = {
    pick: (list) => list[Math.floor(random.next() * list.length)]!,
    between: (min, max) => min + (max - min) * random.next(),
  };
  const kind: PlateKind = number % 10 === 7 ? "capacitor" : number % 10 === 8 ? "generator" : number % 10 === 9 ? "inverter" : "unit";
  const language = number % 3 === 2 ? "fr" : "en";
  const layout = chance.pick<Layout>(
    kind === "unit" ? ["rows", "two", "table", "inline", "value-first", "cells"] : ["rows", "two", "cells"],
  );
  const figures = { unit: unitFigures, capacitor: capacitorFigures, generator: generatorFigures, inverter: inverterFigures }[kind](
    chance,
    language,
  );
  const entries = figures.map(
    ([figure, value, printed]): Entry => ({
      figure,
      value,
      printed: printed === "" ? value : printed,
      label: chance.pick(LABELS[layout === "table" || layout === "value-first" ? "en" : language][figure]!),
    }),
  );
  return {
    number,
    kind,
    language,
    layout,
    title: {
      unit: "AIR CONDITIONER",
      capacitor: "MOTOR RUN CAPACITOR",
      generator: "PORTABLE GENERATOR",
      inverter: "POWER INVERTER",
    }[kind],
    entries,
    font: chance.pick(FONTS),
    bold: chance.between(0, 1) < 0.4,
    surface: chance.pick(["label", "label", "metal", "foil", "dark"] as const),
    tiltDeg: chance.between(-7, 7),
    yawDeg: chance.between(-20, 20),
    pitchDeg: chance.between(-16, 16),
    blurPx: Math.max(0, chance.between(-0.6, 1.6)),
    glare: Math.max(0, chance.between(-0.4, 0.75)),
    shade: Math.max(0, chance.between(-0.3, 0.7)),
    dirt: Math.max(0, chance.between(-0.3, 1)),
    quality: Math.round(chance.between(60, 92)),
  };
}
