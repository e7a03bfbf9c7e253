import type { FindingState, OpeningFinding, SCREW_HIDERS, ScrewPlace } from "@amp-saver/core/study/opening";
import type { Span } from "./answer.ts";

/** Opening the unit: screws by place, and what is found inside. */
export const OPENING = {
  question: "Can it be worked on?",
  stops: (count: number, first: string): readonly Span[] => [
    { text: count === 1 ? `Not yet: ${first}. ` : `Not yet: ${first}, and ${count - 1} more. ` },
    { text: "Repair before you wire.", decides: true },
  ],
  open: (count: number): readonly Span[] => [
    { text: "Look at everything first: " },
    { text: count === 1 ? "1 thing is left." : `${count} things are left.`, decides: true },
  ],
  well: [{ text: "Yes: nothing found stands in the way. " }, { text: "Go on.", decides: true }] satisfies readonly Span[],
  sure: "Sources off before you open. Nothing inside is touched until it is proven dead.",
  screws: "Screws by place",
  screwsHelp: "Sealant, foam and labels hide screws. Look for them before you pry or cut.",
  places: {
    shroud: "Shroud",
    "end-panel": "End panel",
    "box-lid": "Lid of the electrical box",
    "terminal-cover": "Compressor’s terminal cover",
    other: "Elsewhere",
  } satisfies Readonly<Record<ScrewPlace, string>>,
  out: "out",
  in: "back in",
  allIn: (place: string, out: number): string => `${place}: ${out === 1 ? "its screw is" : `all ${out}`} back in`,
  hidden: (place: string): string => `${place}: hidden by`,
  hiders: { nothing: "nothing", sealant: "sealant", foam: "foam", label: "a label", trim: "trim" } satisfies Readonly<
    Record<(typeof SCREW_HIDERS)[number], string>
  >,
  findings: "What you see inside",
  noneOf: (count: number): string => `None of these ${count} is there`,
  states: { none: "Not there", found: "Found", mended: "Mended" } satisfies Readonly<Record<FindingState, string>>,
  names: {
    water: "Water stands in it",
    nest: "Nest, leaves or dirt",
    foam: "Foam torn or missing",
    "bare-wire": "A wire rubs on metal",
    burnt: "Burnt or melted insulation",
    rust: "Rust or green on tabs",
    "broken-tab": "A tab is broken or loose",
    "bulged-capacitor": "A capacitor bulges or leaks",
    "pitted-contactor": "Contactor points pitted or stuck",
    "coil-dirty": "The coil is dirty",
  } satisfies Readonly<Record<OpeningFinding, string>>,
  remedy: {
    water: "Dry it. Find where it gets in and close that first.",
    nest: "Clear it out. Then turn the fan by hand: it must be free.",
    foam: "Keep the pieces. Glue them back before you close: they part cold air from warm.",
    "bare-wire": "Sleeve it and tie it clear of metal and fan. Replace it if copper shows.",
    burnt: "Find out why: a loose terminal or too much current. Replace wire and terminal back to bright copper.",
    rust: "Clean the tab or replace the part. A rusty push-on gets hot.",
    "broken-tab": "Replace the part. Do not solder onto a capacitor.",
    "bulged-capacitor": "Replace it with the same volts and microfarads. Bleed it first.",
    "pitted-contactor": "Replace the contactor. Stuck points feed the compressor with the thermostat off.",
    "coil-dirty": "Clean it: a dirty coil raises the running amps and may end a test.",
  } satisfies Readonly<Record<OpeningFinding, string>>,
  missing: (place: string, count: number): string =>
    count > 0 ? `${place}: ${count === 1 ? "1 screw is" : `${count} screws are`} not back in.` : `${place}: more screws back in than out.`,
  notMended: (what: string): string => `Found and not mended: ${what}.`,
} as const;
