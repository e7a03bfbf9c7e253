import type { Terminal } from "@amp-saver/core/network";
import type { ShownBench } from "@amp-saver/core/study/practice";
import { useCallback, useMemo } from "react";
import { useWidth } from "../../chart/use-width.ts";
import type { Way } from "../../chart/wiring/route.ts";
import { WiringMap } from "../../chart/wiring/wiring-map.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { type benchNames, offMap, wireTag } from "./bench.view.ts";
import { Pieces, TRAY } from "./pieces.tsx";
import type { Hands } from "./use-hands.ts";

interface BenchMapProps {
  readonly shown: ShownBench;
  readonly names: ReturnType<typeof benchNames>;
  readonly hands: Hands;
  /** Terminals a hint points at. */
  readonly lit: ReadonlySet<Terminal>;
}

const NONE: ReadonlySet<string> = new Set();

/** The unit as a bench: its wiring map with the pieces over it. */
export function BenchMap({ shown, names, hands, lit }: BenchMapProps) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const { netlist, whole, covered } = shown;
  const states = useMemo(() => [whole, covered], [whole, covered]);
  const present = useMemo(() => new Set(netlist.parts.map((p) => p.id)), [netlist]);
  const mapNames = useMemo(() => ({ part: (id: string) => ({ name: capital(names.part(id)) }), terminal: names.place }), [names]);
  const tagOf = useCallback((way: Way) => wireTag(shown, way.conductor.id), [shown]);
  const speak = useCallback(
    ({ conductor }: Way) =>
      `${names.wire(conductor.id)}: ${conductor.ends.map((e) => (e === null ? "free" : names.place(e))).join(" to ")}`,
    [names],
  );
  const grounds = offMap(shown);
  return (
    <div ref={frame} className="overflow-x-auto border-y-[1.5px] border-ink">
      {width > 0 && (
        <WiringMap
          netlist={netlist}
          states={states}
          width={width}
          scale={null}
          names={mapNames}
          lit={lit.size === 0 ? null : { conductors: NONE, terminals: lit }}
          fresh={NONE}
          tagOf={tagOf}
          speak={speak}
          label={PRACTICE.map}
          picked={hands.picked}
          onPick={hands.pick}
          over={{
            height: TRAY,
            draw: (layout) => (
              <Pieces
                layout={layout}
                inSight={(at) => present.has(at.slice(0, at.indexOf(".")))}
                offMap={grounds}
                nameOf={names.place}
                underCover={shown.open.includes("box") && !shown.open.includes("terminals")}
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
