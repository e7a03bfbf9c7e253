import type { Terminal } from "@amp-saver/core/network";
import { useCallback, useMemo, useRef } from "react";
import { useWidth } from "../../chart/use-width.ts";
import type { Way } from "../../chart/wiring/route.ts";
import { WiringMap } from "../../chart/wiring/wiring-map.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { type benchNames, offMap, type ShownUnit, wireTag } from "./bench.view.ts";
import { Pieces, TRAY } from "./pieces.tsx";
import type { Hands } from "./use-hands.ts";

interface BenchMapProps {
  readonly unit: ShownUnit;
  readonly names: ReturnType<typeof benchNames>;
  readonly hands: Hands;
  /** Terminals a hint points at. */
  readonly lit: ReadonlySet<Terminal>;
}

const NONE: ReadonlySet<string> = new Set();

/** The unit as a bench: its wiring map with the pieces over it. */
export function BenchMap({ unit, names, hands, lit }: BenchMapProps) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const { netlist, whole, covered } = unit;
  const states = useMemo(() => [whole, covered], [whole, covered]);
  const present = useMemo(() => new Set(netlist.parts.map((p) => p.id)), [netlist]);
  const mapNames = useMemo(() => ({ part: (id: string) => ({ name: capital(names.part(id)) }), terminal: names.place }), [names]);
  const tagOf = useCallback((way: Way) => wireTag(unit, way.conductor.id), [unit]);
  const speak = useCallback(
    ({ conductor }: Way) =>
      `${names.wire(conductor.id)}: ${conductor.ends.map((e) => (e === null ? "free" : names.place(e))).join(" to ")}`,
    [names],
  );
  const grounds = useMemo(() => offMap({ whole }), [whole]);
  const inSight = useCallback((at: Terminal) => present.has(at.slice(0, at.indexOf("."))), [present]);
  const shownLit = useMemo(() => (lit.size === 0 ? null : { conductors: NONE, terminals: lit }), [lit]);
  const { pick } = hands;
  // The same for as long as the hands are: what is drawn under the pieces is not drawn anew with every act.
  const latest = useRef(pick);
  latest.current = pick;
  const picks = useCallback((conductor: string) => latest.current(conductor), []);
  return (
    <div ref={frame} className="overflow-x-auto border-y-[1.5px] border-ink">
      {width > 0 && (
        <WiringMap
          netlist={netlist}
          states={states}
          width={width}
          scale={null}
          names={mapNames}
          lit={shownLit}
          fresh={NONE}
          tagOf={tagOf}
          speak={speak}
          label={PRACTICE.map}
          picked={hands.picked}
          onPick={picks}
          over={{
            height: TRAY,
            draw: (layout) => (
              <Pieces
                layout={layout}
                inSight={inSight}
                offMap={grounds}
                nameOf={names.place}
                underCover={unit.open.includes("box") && !unit.open.includes("terminals")}
                hands={hands}
              />
            ),
          }}
        />
      )}
    </div>
  );
}

const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
