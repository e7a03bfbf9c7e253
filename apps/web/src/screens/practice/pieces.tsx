import type { Terminal } from "@amp-saver/core/network";
import { memo, useCallback, useMemo, useRef, useState } from "react";
import type { MapLayout } from "../../chart/wiring/layout.ts";
import { pressable } from "../../chart/wiring/pressable.ts";
import { PRACTICE } from "../../words/practice.ts";
import { PIECES, type Piece } from "./piece.ts";
import type { Hands } from "./use-hands.ts";

/** Height of the tray above the map, in its own units. */
export const TRAY = 112;

const PLATE = { h: 34, gap: 10 } as const;
const PIECE_H = 48;

interface PiecesProps {
  readonly layout: MapLayout;
  /** Terminals of the map that are in sight. */
  readonly inSight: (at: Terminal) => boolean;
  readonly offMap: readonly Terminal[];
  readonly nameOf: (at: Terminal) => string;
  /** Whether a cover hides which wire is on which end of the compressor. */
  readonly underCover: boolean;
  readonly hands: Pick<Hands, "probes" | "held" | "hang" | "set" | "pick">;
}

interface Spot {
  readonly at: Terminal;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  /** Where a probe’s point goes. */
  readonly tip: { readonly x: number; readonly y: number };
  /** How far to the side and down its body lies. */
  readonly to: { readonly x: number; readonly y: number };
}

/** Where every point lies: those of the map, and above it those that a map does not draw. */
function spotsOf({ layout, inSight, offMap }: Pick<PiecesProps, "layout" | "inSight" | "offMap">): readonly Spot[] {
  const drawn = layout.boxes.flatMap((box) =>
    box.rows
      .filter(({ terminal }) => inSight(terminal))
      .map(({ terminal, y, sides }): Spot => {
        const round = box.part.kind === "compressor";
        const left = round ? box.x - 14 : box.x;
        const tip = { x: round || sides.includes("left") ? box.x : box.x + box.w, y };
        return {
          at: terminal,
          x: left,
          y: y - 14,
          w: box.x + box.w - left,
          h: 28,
          tip,
          to: { x: round ? -14 : box.x + box.w / 2 - tip.x, y: -18 },
        };
      }),
  );
  const w = (layout.width - 2 * PLATE.gap - (offMap.length - 1) * PLATE.gap) / Math.max(1, offMap.length);
  const plates = offMap.map((at, k): Spot => {
    const x = PLATE.gap + k * (w + PLATE.gap);
    const y = PIECE_H + 2 * PLATE.gap - TRAY;
    return { at, x, y, w, h: PLATE.h, tip: { x: x + w / 2, y: y + PLATE.h - 3 }, to: { x: 0, y: 20 } };
  });
  return [...drawn, ...plates];
}

/** Probes, clamp and hand over the map: picked up from the tray, set down on a terminal, by finger, mouse or key. */
export function Pieces(props: PiecesProps) {
  const { layout, offMap, nameOf, underCover, hands } = props;
  const { probes, held, hang, set, pick } = hands;
  const motor = layout.boxes.find((box) => box.part.kind === "compressor");
  const { inSight } = props;
  const spots = useMemo(() => spotsOf({ layout, inSight, offMap }), [layout, inSight, offMap]);
  const tips = new Map(spots.map((s) => [s.at, s]));
  // The same for as long as the spots are: only what lies on them is drawn anew with every act.
  const latest = useRef(hands);
  latest.current = hands;
  const press = useCallback((at: Terminal) => latest.current.set(latest.current.held, at), []);
  const cell = (layout.width - 2 * PLATE.gap - 3 * PLATE.gap) / PIECES.length;
  const home = (k: number): { x: number; y: number } => ({ x: PLATE.gap + k * (cell + PLATE.gap), y: PLATE.gap - TRAY });
  const words = { one: PRACTICE.pieces.one, two: PRACTICE.pieces.two, clamp: PRACTICE.pieces.clamp, hand: PRACTICE.pieces.hand };
  return (
    <g>
      <Spots spots={spots} offMap={offMap} nameOf={nameOf} press={press} />
      {underCover && motor !== undefined && (
        <text x={motor.x + motor.w / 2} y={motor.y + 26} textAnchor="middle" fontSize={12} fontWeight={700} fill="var(--ink)">
          {PRACTICE.coverOn}
        </text>
      )}
      {PIECES.map((piece, k) => (
        <TrayPiece
          key={piece}
          piece={piece}
          word={words[piece]}
          at={home(k)}
          w={cell}
          held={held === piece}
          hang={() => hang(piece)}
          drop={(at) => set(piece, at)}
          pick={pick}
        />
      ))}
      {(["one", "two"] as const).map((piece) => {
        const at = probes[piece];
        const tip = at === null ? undefined : tips.get(at);
        return tip === undefined ? null : <ProbeTip key={piece} number={piece === "one" ? 1 : 2} spot={tip} />;
      })}
    </g>
  );
}

interface SpotsProps extends Pick<PiecesProps, "offMap" | "nameOf"> {
  readonly spots: readonly Spot[];
  readonly press: (at: Terminal) => void;
}

/** Every place a piece can be set down on. */
const Spots = memo(function DrawnSpots({ spots, offMap, nameOf, press }: SpotsProps) {
  return spots.map((spot) => (
    <g key={spot.at} data-terminal={spot.at} className="cursor-pointer" {...pressable(nameOf(spot.at), () => press(spot.at))}>
      <rect
        x={spot.x}
        y={spot.y}
        width={spot.w}
        height={spot.h}
        fill={offMap.includes(spot.at) ? "var(--bench)" : "transparent"}
        stroke={offMap.includes(spot.at) ? "var(--ink)" : "none"}
        strokeWidth={1.5}
      />
      {offMap.includes(spot.at) && <PlateName spot={spot} name={nameOf(spot.at)} />}
    </g>
  ));
});

/** A plate’s name on as many lines as it needs. */
function PlateName({ spot, name }: { readonly spot: Spot; readonly name: string }) {
  const words = name.split(" ");
  const lines = name.length * 7 > spot.w - 8 && words.length > 1 ? [words.slice(0, -1).join(" "), words.at(-1) ?? ""] : [name];
  return (
    <text textAnchor="middle" fontSize={12} fontWeight={600} fill="var(--ink)" pointerEvents="none">
      {lines.map((line, k) => (
        <tspan key={line} x={spot.x + spot.w / 2} y={spot.y + spot.h / 2 + 4.5 + (k - (lines.length - 1) / 2) * 13}>
          {`${line} `}
        </tspan>
      ))}
    </text>
  );
}

/** A probe set down: its point on the terminal, its number beside it. */
function ProbeTip({ number, spot: { tip, to } }: { readonly number: 1 | 2; readonly spot: Spot }) {
  const [x, y] = [tip.x + to.x + (number === 1 ? -11 : 11), tip.y + to.y];
  return (
    <g pointerEvents="none">
      <path d={`M${tip.x} ${tip.y}L${x} ${y}`} stroke="var(--face)" strokeWidth={7} />
      <path d={`M${tip.x} ${tip.y}L${x} ${y}`} stroke="var(--ink)" strokeWidth={3} />
      <rect
        x={x - 10}
        y={y - 10}
        width={20}
        height={20}
        fill={number === 1 ? "var(--ink)" : "var(--face)"}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <text x={x} y={y + 5} textAnchor="middle" fontSize={14} fontWeight={700} fill={number === 1 ? "var(--face)" : "var(--ink)"}>
        {number}
      </text>
    </g>
  );
}

interface TrayPieceProps {
  readonly piece: Piece;
  readonly word: string;
  readonly at: { readonly x: number; readonly y: number };
  readonly w: number;
  readonly held: boolean;
  readonly hang: () => void;
  readonly drop: (at: Terminal) => void;
  readonly pick: (conductor: string) => void;
}

/** A piece in its tray: pressed it is in the hand, dragged it goes where it is let go. */
function TrayPiece({ piece, word, at, w, held, hang, drop, pick }: TrayPieceProps) {
  const [by, setBy] = useState<{ readonly x: number; readonly y: number } | null>(null);
  const from = useRef<{ readonly x: number; readonly y: number; readonly k: number } | null>(null);
  // A press that ends a drag picks nothing up.
  const dropped = useRef(false);
  return (
    <g
      data-piece={piece}
      className="cursor-grab touch-none"
      transform={by === null ? undefined : `translate(${by.x} ${by.y})`}
      {...pressable(word, () => {
        if (!dropped.current) hang();
        dropped.current = false;
      })}
      {...{ "aria-pressed": held }}
      onPointerDown={(event) => {
        const svg = event.currentTarget.ownerSVGElement;
        const box = svg?.getBoundingClientRect();
        if (svg === null || box === undefined || event.button !== 0) return;
        from.current = { x: event.clientX, y: event.clientY, k: svg.viewBox.baseVal.width / Math.max(1, box.width) };
        event.currentTarget.setPointerCapture(event.pointerId);
        hang();
      }}
      onPointerMove={(event) => {
        if (from.current === null) return;
        setBy({ x: (event.clientX - from.current.x) * from.current.k, y: (event.clientY - from.current.y) * from.current.k });
      }}
      onPointerUp={(event) => {
        from.current = null;
        setBy(null);
        // What lies under the finger, past the piece itself.
        const under = document.elementsFromPoint(event.clientX, event.clientY);
        const named = (what: string): string | undefined =>
          under.map((e) => e.closest(`[data-${what}]`)?.getAttribute(`data-${what}`)).find((name) => name != null) ?? undefined;
        const [terminal, conductor] = [named("terminal"), named("conductor")];
        dropped.current = terminal !== undefined || conductor !== undefined;
        if (terminal !== undefined) drop(terminal);
        else if (conductor !== undefined) pick(conductor);
      }}
      onPointerCancel={() => {
        from.current = null;
        setBy(null);
      }}
    >
      <rect x={at.x} y={at.y} width={w} height={PIECE_H} fill={held ? "var(--ink)" : "var(--face)"} stroke="var(--ink)" strokeWidth={1.8} />
      <text
        x={at.x + w / 2}
        y={at.y + PIECE_H / 2 + 5}
        textAnchor="middle"
        fontSize={14}
        fontWeight={700}
        fill={held ? "var(--face)" : "var(--ink)"}
      >
        {word}
      </text>
    </g>
  );
}
