import type { Netlist } from "@amp-saver/core/network";
import { memo, useMemo } from "react";
import { layoutWiring, type MapLayout } from "./layout.ts";
import { type MapNames, PartBox } from "./part-box.tsx";
import { placesFor } from "./places.ts";
import { pressable } from "./pressable.ts";
import { routeWiring, type Way } from "./route.ts";
import { placeTags } from "./tags.ts";
import { Wire } from "./wire.tsx";

/** What stands out on the map. */
export interface MapLit {
  readonly conductors: ReadonlySet<string>;
  readonly terminals: ReadonlySet<string>;
}

interface WiringMapProps {
  /** The state that is drawn, and all states it shares its places with. */
  readonly netlist: Netlist;
  readonly states: readonly Netlist[];
  /** Width there is, which decides the layout, and how many pixels one unit of it takes; null to fill the width. */
  readonly width: number;
  readonly scale: number | null;
  readonly names: MapNames;
  readonly lit: MapLit | null;
  /** Conductors that are new or moved: drawn thick. */
  readonly fresh: ReadonlySet<string>;
  /** Text of a tag; short where there is little room. */
  readonly tagOf: (way: Way, short: boolean) => string;
  readonly speak: (way: Way) => string;
  readonly label: string;
  readonly picked?: string | null;
  readonly onPick?: (conductor: string) => void;
  /** What lies over the map, and how much room it takes above it. */
  readonly over?: { readonly height: number; readonly draw: (layout: MapLayout) => React.ReactNode };
}

/** Largest that a map is drawn to fill a page. */
const MOST_FIT = 1.15;
const NOTHING: MapLit = { conductors: new Set(), terminals: new Set() };

/** The wiring drawn from its netlist: supply left, can in the middle, compressor right. */
export function WiringMap({ netlist, states, width, scale, names, lit, fresh, tagOf, speak, label, picked, onPick, over }: WiringMapProps) {
  const narrow = width < 700;
  const layout = useMemo(() => layoutWiring(states, placesFor(narrow ? 0 : 1000)), [states, narrow]);
  const high = layout.height + (over?.height ?? 0);
  const size = scale ?? Math.min(MOST_FIT, width / layout.width);
  return (
    <svg
      viewBox={`0 ${layout.height - high} ${layout.width} ${high}`}
      width={layout.width * size}
      height={high * size}
      role={onPick === undefined ? "img" : "group"}
      aria-label={label}
      className="block max-w-none"
    >
      <Routed {...{ netlist, layout, narrow, names, fresh, tagOf, speak }} lit={lit} picked={picked ?? null} onPick={onPick ?? null} />
      {over?.draw(layout)}
    </svg>
  );
}

interface DrawnProps extends Pick<WiringMapProps, "netlist" | "names" | "lit" | "fresh" | "tagOf" | "speak"> {
  readonly layout: MapLayout;
  readonly ways: readonly Way[];
  readonly tags: ReturnType<typeof placeTags>;
  readonly narrow: boolean;
  readonly picked: string | null;
  readonly onPick: ((conductor: string) => void) | null;
}

// One after the other, so that a page which draws in between never waits for all of it.

/** Finds every wire its way. */
const Routed = memo(function Routed(props: Omit<DrawnProps, "ways" | "tags">) {
  const { netlist, layout } = props;
  const ways = useMemo(() => routeWiring(netlist, layout), [netlist, layout]);
  return <Tagged {...props} ways={ways} />;
});

/** Finds every tag its place. */
const Tagged = memo(function Tagged(props: Omit<DrawnProps, "tags">) {
  const { ways, layout, tagOf, narrow } = props;
  const tags = useMemo(() => placeTags(ways, layout, (way) => tagOf(way, narrow)), [ways, layout, tagOf, narrow]);
  return <Drawn {...props} tags={tags} />;
});

/** Wires, parts, joints and tags; drawn anew only where one of them changes. */
const Drawn = memo(function Drawn({ netlist, layout, ways, tags, narrow, names, lit, fresh, tagOf, speak, picked, onPick }: DrawnProps) {
  const shown = lit ?? NOTHING;
  const present = new Set(netlist.parts.map((p) => p.id));
  const stands = (id: string): boolean => shown.conductors.has(id) || picked === id;
  const ordered = ways.toSorted((a, b) => Number(stands(a.conductor.id)) - Number(stands(b.conductor.id)));
  return (
    <>
      {ordered.map((way) => (
        <Wire key={way.conductor.id} way={way} thick={fresh.has(way.conductor.id) || stands(way.conductor.id)} />
      ))}
      {layout.boxes
        .filter((b) => present.has(b.part.id))
        .map((box) => (
          <PartBox
            key={box.part.id}
            box={box}
            names={names}
            lit={(t) => shown.terminals.has(t)}
            quiet={lit !== null && !box.rows.some((r) => shown.terminals.has(r.terminal)) && box.part.kind !== "starter"}
          />
        ))}
      {[...layout.joints]
        .filter(([at]) => netlist.conductors.some((c) => c.ends.includes(at)))
        .map(([at, { x, y }]) => (
          <g key={at}>
            <rect
              x={x - 15}
              y={y - 8}
              width={30}
              height={16}
              fill={shown.terminals.has(at) ? "var(--straw)" : "var(--face)"}
              stroke="var(--ink)"
              strokeWidth={2}
            />
            <line x1={x} x2={x} y1={y - 8} y2={y + 8} stroke="var(--ink)" strokeWidth={2} />
          </g>
        ))}
      {ordered.map((way) => {
        const tag = tags.get(way.conductor.id);
        if (tag === undefined) return null;
        const dark = stands(way.conductor.id);
        return (
          <g
            key={way.conductor.id}
            data-conductor={way.conductor.id}
            {...(dark && { "data-lit": "" })}
            {...(onPick !== null && {
              ...pressable(speak(way), () => onPick(way.conductor.id)),
              "aria-pressed": picked === way.conductor.id,
              className: "cursor-pointer",
            })}
          >
            <rect
              x={tag.x - tag.w / 2}
              y={tag.y - tag.h / 2}
              width={tag.w}
              height={tag.h}
              fill={dark ? "var(--ink)" : "var(--face)"}
              stroke="var(--ink)"
              strokeWidth={1.5}
            />
            <text
              x={tag.x}
              y={tag.y + layout.places.tag.size / 2.9}
              textAnchor="middle"
              fontSize={layout.places.tag.size}
              fill={dark ? "var(--face)" : "var(--ink)"}
              fontWeight={dark ? 700 : 400}
            >
              {tagOf(way, narrow)}
            </text>
          </g>
        );
      })}
    </>
  );
});
