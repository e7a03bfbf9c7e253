import { nominalVolts } from "../../device/compressor-motor/index.ts";
import { CORD_PARAMS as CORD, ohmPerM } from "../../device/cord/index.ts";
import { SHORE_PARAMS as SHORE } from "../../device/shore/index.ts";
import { quantity, typicalOf } from "../../quantity/index.ts";
import { GAUGES, type Gauge } from "../../reference/index.ts";
import type { Members } from "../confidence/index.ts";
import { isEngine, type SourceCase, type StartCase } from "../motor-start/index.ts";
import { leastBreakerA, leastVolts, mostCordOhm, type Prepared, prepareMember, runSize, startSize } from "./member.ts";
import { BREAKER_SIZES, BOUNDARY_PARAMS as P } from "./params.ts";
import { enoughFor, leastPair, mostFor, needed } from "./quantile.ts";
import { type Reach, reachOf, reachThatFits } from "./turn.ts";

/** What one member needs at least, and stands at most; null where nothing would do or it does not apply. */
export interface MemberNeeds {
  readonly startSize: number | null;
  readonly runSize: number | null;
  readonly breakerA: number | null;
  readonly leastVolts: number | null;
  readonly cordOhm: number | null;
  readonly reach: Reach | null;
}

/** The smallest that works in 95 of 100 tries; null where nothing does, or where it does not apply to such a source. */
export interface Smallest {
  readonly of: number;
  readonly runningW: number | null;
  readonly surgeW: number | null;
  readonly breakerA: number | null;
  readonly leastVolts: number | null;
  readonly hottestC: number | null;
  readonly highestM: number | null;
  readonly cord: readonly { readonly awg: Gauge; readonly mostM: number }[];
}

/** Gauges of cords that are carried about. */
const CORD_GAUGES: readonly Gauge[] = GAUGES.filter((awg) => awg >= 6 && awg <= 14);

/** The case on a generator to be bought, where its own source is none: an inverter generator for small units, no cord. */
function onStandIn(given: StartCase): StartCase {
  const { source } = given;
  if (isEngine(source)) return given;
  const volts = nominalVolts(given.unit.plateVolts, given.unit.hz);
  const standIn: SourceCase = {
    kind: "inverter-generator",
    volts: quantity(volts, "sheet"),
    runningW: quantity(P.standInW.value, "sheet"),
    surgeW: quantity(P.standInW.value * P.standInRatio.value, "sheet"),
    ...("altitudeM" in source && source.altitudeM !== undefined && { altitudeM: source.altitudeM }),
  };
  return { ...given, source: standIn };
}

const isShore = ({ source }: StartCase): boolean => source.kind === "shore";

/** The case without its cords, the outlet's own resistance where none was measured. */
function withoutCord(given: StartCase): StartCase {
  const { cords: _cords, ...source } = given.source;
  if (source.kind !== "shore") return { ...given, source };
  return { ...given, source: { ...source, ohm: source.ohm ?? typicalOf(SHORE.pedestalOhm) } };
}

/** What each of some members needs, `from` to `to` (not included). */
export function needsOf(given: StartCase, members: Members, seed: number, from: number, to: number): readonly MemberNeeds[] {
  const bought = onStandIn(given);
  const bare = withoutCord(given);
  const onShore = isShore(given);
  const needs: MemberNeeds[] = [];
  for (let i = from; i < to; i++) {
    const member = members.at(i);
    if (!member.ok || member.value.unit === null) continue;
    const { unit } = member.value;
    const ask = <T>(asked: StartCase, of: (prepared: Prepared) => T): T | null => {
      const prepared = prepareMember(asked, unit, seed, i);
      return prepared === null ? null : of(prepared);
    };
    const [reach] = reachOf(given, members, seed, i, i + 1);
    needs.push({
      startSize: ask(bought, ({ input }) => startSize(input)),
      runSize: ask(bought, ({ input }) => runSize(input)),
      breakerA: onShore ? ask(given, ({ input }) => leastBreakerA(input)) : null,
      leastVolts: onShore ? ask(given, ({ input }) => leastVolts(input)) : null,
      cordOhm: ask(bare, ({ input }) => mostCordOhm(input, P.mostCordOhm.value)),
      reach: reach ?? null,
    });
  }
  return needs;
}

/** The figures that are enough for 95 of 100 of the members. */
export function smallestOf(given: StartCase, needs: readonly MemberNeeds[]): Smallest {
  const { source } = onStandIn(given);
  const count = needed(needs.length);
  const rated = isEngine(source) ? source : null;
  const runningW = rated?.runningW?.value ?? (rated?.surgeW === undefined ? null : rated.surgeW.value / P.standInRatio.value);
  const surgeW = rated?.surgeW?.value ?? (runningW === null ? null : runningW * P.standInRatio.value);
  const pair =
    needs.length === 0
      ? null
      : leastPair(
          needs.map((n) => [n.startSize, n.runSize]),
          count,
        );
  const wanted = runningW === null || surgeW === null || pair === null ? null : { runningW: pair[1] * runningW, surgeW: pair[0] * surgeW };
  const onShore = isShore(given);
  const breaker =
    onShore && needs.length > 0
      ? enoughFor(
          needs.map((n) => n.breakerA),
          count,
        )
      : null;
  const volts =
    onShore && needs.length > 0
      ? enoughFor(
          needs.map((n) => n.leastVolts),
          count,
        )
      : null;
  const cordOhm =
    needs.length === 0
      ? null
      : mostFor(
          needs.map((n) => n.cordOhm),
          count,
        );
  const reach = reachThatFits(needs.map((n) => n.reach ?? { hottestC: null, highestM: null }));
  const engine = isEngine(given.source);
  return {
    of: needs.length,
    runningW: wanted?.runningW ?? null,
    surgeW: wanted === null ? null : Math.max(wanted.surgeW, wanted.runningW),
    breakerA: breaker === null ? null : (BREAKER_SIZES.find((size) => size >= breaker) ?? null),
    leastVolts: volts,
    hottestC: reach.hottestC,
    highestM: engine ? reach.highestM : null,
    cord:
      cordOhm === null
        ? []
        : CORD_GAUGES.map((awg) => ({ awg, mostM: Math.max(0, (cordOhm - CORD.contactOhm.value) / (2 * ohmPerM(awg))) })),
  };
}
