import type { Netlist } from "@amp-saver/core/network";
import { nameOn } from "@amp-saver/core/network";
import { useCallback, useEffect, useRef, useState } from "react";
import { useWidth } from "../../chart/use-width.ts";
import type { Way } from "../../chart/wiring/route.ts";
import { type MapLit, WiringMap } from "../../chart/wiring/wiring-map.tsx";
import { Button } from "../../ui/button.tsx";
import { savePng, saveSvg } from "../../ui/save-picture.ts";
import { PICTURES } from "../../words/pictures.ts";
import { PREPARE, UNREAD_COLOR, type WiringNames } from "../../words/wiring.ts";
import { groundWires } from "./leads.view.ts";

interface MapFrameProps {
  readonly netlist: Netlist;
  readonly states: readonly Netlist[];
  readonly names: WiringNames;
  readonly label: string;
  readonly fileName: string;
  readonly lit?: MapLit | null;
  readonly fresh?: ReadonlySet<string>;
  readonly picked?: string | null;
  readonly onPick?: (conductor: string) => void;
  /** Low and without its foot, moved to what is lit: for one step on a phone. */
  readonly compact?: boolean;
}

const SAVES = [[PICTURES.saveSvg, saveSvg] as const, [PICTURES.savePng, savePng] as const];
const ZOOM = 1.3;
const LEAST = 0.4;
const MOST = 3;
const NONE: ReadonlySet<string> = new Set();

/** What stands on a wire's tag: the lead's own name before its colour, which its terminal says where there is little room. */
export function tagText({ conductor }: Way, short: boolean): string {
  if (conductor.id.startsWith("jumper.")) return "jumper";
  if (!conductor.id.startsWith("starter.")) return conductor.color;
  const name = nameOn(conductor.id);
  if (conductor.color === UNREAD_COLOR) return short ? "" : name;
  return short ? conductor.color : `${name} ${conductor.color}`;
}

/** The map in a frame that can be moved about, drawn nearer, and kept as a file. */
export function MapFrame({
  netlist,
  states,
  names,
  label,
  fileName,
  lit = null,
  fresh = NONE,
  picked = null,
  onPick,
  compact = false,
}: MapFrameProps) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const [scale, setScale] = useState<number | null>(null);
  const drag = useRef<{ readonly x: number; readonly y: number } | null>(null);
  const drawing = (): SVGSVGElement | null => frame.current?.querySelector("svg") ?? null;
  const zoom = (by: number | null): void => {
    const svg = drawing();
    const now = svg === null ? 1 : svg.getBoundingClientRect().width / svg.viewBox.baseVal.width;
    setScale(by === null ? null : Math.max(LEAST, Math.min(MOST, now * by)));
  };
  useEffect(() => {
    const box = frame.current;
    const at = compact ? box?.querySelector("[data-lit]")?.getBoundingClientRect() : undefined;
    if (box == null || at === undefined || width === 0 || netlist.parts.length === 0) return;
    const around = box.getBoundingClientRect();
    box.scrollBy({
      top: at.top + at.height / 2 - around.top - around.height / 2,
      left: at.left + at.width / 2 - around.left - around.width / 2,
    });
  }, [compact, frame, netlist, width]);
  const speak = useCallback(
    (way: Way) => {
      const { conductor } = way;
      return `${tagText(way, false)}, ${names.size(conductor.awg)}, ${conductor.ends.map((e) => (e === null ? "free" : names.terminal(e))).join(" to ")}`;
    },
    [names],
  );
  return (
    <div>
      <section
        ref={frame}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
        tabIndex={0}
        aria-label={PREPARE.mapKeys}
        className={`overflow-auto border-y-[1.5px] border-ink ${compact ? "max-h-[28svh] min-[43.75rem]:max-h-[min(640px,60svh)]" : "max-h-[640px]"}`}
        onKeyDown={(event) => {
          const by = { "+": ZOOM, "=": ZOOM, "-": 1 / ZOOM, "0": null }[event.key];
          if (by === undefined || event.ctrlKey || event.metaKey) return;
          event.preventDefault();
          event.stopPropagation();
          zoom(by);
        }}
        onPointerDown={(event) => {
          if (event.pointerType === "mouse" && event.button === 0) drag.current = { x: event.clientX, y: event.clientY };
        }}
        onPointerMove={(event) => {
          if (drag.current === null) return;
          event.currentTarget.scrollBy(drag.current.x - event.clientX, drag.current.y - event.clientY);
          drag.current = { x: event.clientX, y: event.clientY };
        }}
        onPointerUp={() => {
          drag.current = null;
        }}
        onPointerLeave={() => {
          drag.current = null;
        }}
      >
        {width > 0 && (
          <WiringMap
            netlist={netlist}
            states={states}
            width={width}
            scale={scale}
            names={names}
            lit={lit}
            fresh={fresh}
            tagOf={tagText}
            speak={speak}
            label={label}
            picked={picked}
            {...(onPick !== undefined && { onPick })}
          />
        )}
      </section>
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 pt-1">
        <p className={`flex flex-wrap items-center gap-x-4 text-small ${compact ? "hidden" : ""}`}>
          <span className="flex items-center gap-2">
            <span className="bg-ink px-1.5 font-bold whitespace-nowrap text-face">{PREPARE.canMark}</span> {PREPARE.canNote}
          </span>
          <span className="flex items-center gap-2">
            <svg width="16" height="16" aria-hidden="true">
              <circle cx="8" cy="8" r="6" fill="var(--face)" stroke="var(--ink)" strokeWidth="2.4" />
              <circle cx="8" cy="8" r="2" fill="var(--ink)" />
            </svg>
            <b className="whitespace-nowrap">{PREPARE.pinMark}</b> {PREPARE.pinNote}
          </span>
        </p>
        <span className="flex flex-wrap gap-2">
          <Button look="quiet" onClick={() => zoom(ZOOM)}>
            {PREPARE.zoomIn}
          </Button>
          <Button look="quiet" onClick={() => zoom(1 / ZOOM)}>
            {PREPARE.zoomOut}
          </Button>
          <Button look="quiet" onClick={() => zoom(null)}>
            {PREPARE.zoomFit}
          </Button>
          {(compact ? [] : SAVES).map(([word, save]) => (
            <Button
              key={word}
              look="quiet"
              onClick={() => {
                const svg = drawing();
                if (svg !== null) void save(svg, fileName);
              }}
            >
              {word}
            </Button>
          ))}
        </span>
      </div>
      {!compact && <p className="text-small text-ink2">{PREPARE.grounds}</p>}
      {!compact && onPick !== undefined && (
        <div className="flex flex-wrap gap-2 pt-1">
          {groundWires(netlist).map((id) => (
            <Button key={id} aria-pressed={picked === id} onClick={() => onPick(id)}>
              {names.wire(id)}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}
