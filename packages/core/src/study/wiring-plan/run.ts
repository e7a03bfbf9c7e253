import { type Conductor, FAMILY_LEADS, listNets, type Netlist, STARTER, terminal } from "../../network/index.ts";
import { fail, present, type Result } from "../../quantity/index.ts";
import { wrongPins } from "../windings/index.ts";
import { retireAids } from "./aids.ts";
import { openCommon, tapCommon } from "./common.ts";
import { contactorLink, moveLink } from "./link.ts";
import { COMMON_LEADS, JUMPER, jumperOf, type PlanOptions, USUAL_LEAD } from "./options.ts";
import { interruptRun, intoModule, soleWire } from "./run-winding.ts";
import { startOnHerm } from "./start-winding.ts";
import type { PlanStep } from "./step.ts";
import { type BlockReason, understand } from "./understand.ts";
import { Work } from "./work.ts";

/** The finished work and how to get there. */
export interface WiringPlan {
  readonly steps: readonly PlanStep[];
  /** The circuit when all is done. */
  readonly finished: Netlist;
  /** Sets of joined terminals of the finished work, without what is retired. */
  readonly nets: readonly (readonly string[])[];
  /** Parts that stay out of the circuit. */
  readonly retired: readonly string[];
}

/** Plans how a starter of one family goes into a circuit as found; refuses with the reason where it does not understand. */
export function planWiring(asFound: Netlist, options: PlanOptions): Result<WiringPlan, BlockReason> {
  const [wrong] = wrongPins(asFound, options.measured ?? {});
  if (wrong !== undefined) return fail("ohms-contradict", wrong.conductor);
  const circuit = understand(asFound);
  if (!circuit.ok) return circuit;
  const work = new Work(asFound);
  work.note("photo", "as-found");
  const spare = retireAids(work, circuit.value, options.aid);
  work.netlist = withStarter(work.netlist, options);
  work.note("fit", "starter-in", { with: STARTER });
  const { pins, can } = circuit.value;
  if (options.family === "FM") {
    const link = contactorLink(work.netlist, circuit.value);
    if (!link.ok) return link;
    intoModule(work, pins.r);
    moveLink(work, link.value, can.c);
  } else {
    interruptRun(work, pins.r, options.run);
  }
  startOnHerm(work, can.herm, lead("START"), spare);
  const reaches = (name: string): string => (options.jumper === true ? jumperOf(name) : lead(name));
  const toCommon = COMMON_LEADS[options.family];
  if (options.jumper === true) for (const name of toCommon) work.note("fit", "jumper-run", { with: jumperOf(name) });
  const [first, second] = toCommon.map(reaches);
  if (first !== undefined && second !== undefined) openCommon(work, pins.c, { feed: first, out: second }, options.common);
  else tapCommon(work, pins.c, present(first), options.tap);
  if (options.jumper === true) for (const name of toCommon) work.join([jumperOf(name), lead(name)], "jumper-joined");
  work.note("photo", "as-built");
  const retired = circuit.value.aids.map((a) => a.id);
  return {
    ok: true,
    value: { steps: work.steps, finished: work.netlist, nets: listNets(work.netlist, new Set(retired)), retired },
  };
}

/** Id of a starter's lead as a conductor. */
function lead(name: string): string {
  return terminal(STARTER, name);
}

/** A circuit with the starter beside it, its leads still free: what the steps begin from. */
export function withStarter(netlist: Netlist, { family, leads, jumper, jumperAwg }: PlanOptions): Netlist {
  const pin = netlist.parts.find((p) => p.kind === "compressor");
  const shared = pin !== undefined && soleWire(netlist, terminal(pin.id, "R")) === null;
  const names = FAMILY_LEADS[family].filter((name) => name !== "LINE" && (name !== "RUN" || shared));
  const conductors = names.map((name): Conductor => ({ id: lead(name), ...(leads?.[name] ?? USUAL_LEAD), ends: [lead(name), null] }));
  const jumpers =
    jumper === true
      ? COMMON_LEADS[family].map((name): Conductor => ({ id: jumperOf(name), ...JUMPER, awg: jumperAwg ?? JUMPER.awg, ends: [null, null] }))
      : [];
  return {
    parts: [...netlist.parts, { id: STARTER, kind: "starter", family }],
    conductors: [...netlist.conductors, ...conductors, ...jumpers],
  };
}
