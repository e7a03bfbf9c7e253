import { useRef, useState } from "react";
import { useWidth } from "../use-width.ts";
import { straightened } from "./straight.ts";

interface Place {
  readonly x: number;
  readonly y: number;
}

/** A pin on a photo. */
interface Pin {
  readonly id: string;
  readonly at: Place;
  readonly name: string;
  readonly lit: boolean;
}

/** A wire's way over a photo. */
interface PhotoPath {
  readonly id: string;
  readonly way: readonly Place[];
  readonly lit: boolean;
}

interface PhotoMapProps {
  readonly url: string;
  /** Width over height of the photo. */
  readonly ratio: number;
  readonly corners?: readonly Place[] | undefined;
  readonly label: string;
  readonly pins: readonly Pin[];
  readonly paths: readonly PhotoPath[];
  /** How much larger than to fit. */
  readonly zoom: number;
  /** What a finger does: nothing, a place is shown to be chosen, or a way drawn. */
  readonly hand: "none" | "place" | "draw";
  readonly onPlace?: (at: Place) => void;
  readonly onDraw?: (way: readonly Place[]) => void;
}

const LOUPE = 132;
const LOUPE_ZOOM = 2.6;
/** How far above the finger the loupe stands, pixels. */
const ABOVE = 96;
/** Step of the arrow keys, shares. */
const KEY_STEP = 0.01;

/** A place no further than the edge. */
const within = ({ x, y }: Place): Place => ({ x: Math.min(1, Math.max(0, x)), y: Math.min(1, Math.max(0, y)) });

/** A photo with pins and ways on it, laid straight; a loupe stands over the finger that chooses a place. */
export function PhotoMap({ url, ratio, corners, label, pins, paths, zoom, hand, onPlace, onDraw }: PhotoMapProps) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const [finger, setFinger] = useState<Place | null>(null);
  const drawn = useRef<Place[]>([]);
  const straight = straightened(ratio, corners);
  const across = width * zoom;
  const down = across / straight.ratio;
  const picture = { width: across, height: down };
  const css = straight.css(across, down);
  const image = (
    <img
      src={url}
      alt=""
      draggable={false}
      className="absolute top-0 left-0 max-w-none select-none"
      style={{ ...picture, ...(css !== null && { transform: css, transformOrigin: "0 0" }) }}
    />
  );
  const shownAt = (event: React.PointerEvent<HTMLElement>): Place => {
    const box = event.currentTarget.getBoundingClientRect();
    return within({ x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height });
  };
  const onPhoto = (spot: Place): Place => within(straight.back(spot));
  const px = (spot: Place): Place => {
    const { x, y } = straight.there(spot);
    return { x: x * across, y: y * down };
  };
  const isOn = hand !== "none";
  return (
    <div ref={frame} className="relative">
      <div className="max-h-[52svh] overflow-auto border-y-[1.5px] border-ink bg-bench">
        <div
          role="application"
          aria-label={label}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what is pointed at must be reached by keyboard
          tabIndex={0}
          className={`relative overflow-hidden ${isOn ? "cursor-crosshair touch-none" : ""}`}
          style={picture}
          onPointerDown={(event) => {
            if (!isOn) return;
            event.currentTarget.setPointerCapture(event.pointerId);
            const at = shownAt(event);
            drawn.current = [at];
            setFinger(at);
          }}
          onPointerMove={(event) => {
            if (finger === null) return;
            const at = shownAt(event);
            drawn.current.push(at);
            setFinger(at);
          }}
          onPointerCancel={() => setFinger(null)}
          onPointerUp={(event) => {
            if (finger === null) return;
            const at = shownAt(event);
            setFinger(null);
            if (hand === "place") onPlace?.(onPhoto(at));
            else if (drawn.current.length > 1) onDraw?.(drawn.current.map(onPhoto));
          }}
          onKeyDown={(event) => {
            if (hand !== "place") return;
            const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
            const at = finger ?? { x: 0.5, y: 0.5 };
            if (by !== undefined) setFinger(within({ x: at.x + KEY_STEP * (by[0] ?? 0), y: at.y + KEY_STEP * (by[1] ?? 0) }));
            else if (event.key === "Enter") {
              onPlace?.(onPhoto(at));
              setFinger(null);
            } else return;
            event.preventDefault();
            event.stopPropagation();
          }}
        >
          {width > 0 && image}
          <svg width={across} height={down} className="pointer-events-none absolute top-0 left-0" aria-hidden="true">
            {paths.map(({ id, way, lit }) => {
              const points = way.map((spot) => `${px(spot).x},${px(spot).y}`).join(" ");
              return (
                <g key={id} fill="none" strokeLinejoin="round" strokeLinecap="round">
                  <polyline points={points} stroke="var(--face)" strokeWidth={lit ? 9 : 5} />
                  <polyline points={points} stroke="var(--ink)" strokeWidth={lit ? 5 : 2} strokeDasharray={lit ? undefined : "6 5"} />
                </g>
              );
            })}
            {pins.map(({ id, at, lit }) => (
              <circle key={id} cx={px(at).x} cy={px(at).y} r={lit ? 13 : 7} fill="none" stroke="var(--face)" strokeWidth={lit ? 7 : 5} />
            ))}
            {pins.map(({ id, at, lit }) => (
              <circle key={id} cx={px(at).x} cy={px(at).y} r={lit ? 13 : 7} fill="none" stroke="var(--ink)" strokeWidth={lit ? 4 : 2} />
            ))}
            {finger !== null && (
              <g stroke="var(--ink)" strokeWidth={1.5}>
                <line x1={finger.x * across - 14} x2={finger.x * across + 14} y1={finger.y * down} y2={finger.y * down} />
                <line y1={finger.y * down - 14} y2={finger.y * down + 14} x1={finger.x * across} x2={finger.x * across} />
              </g>
            )}
          </svg>
          {pins
            .filter(({ lit }) => lit)
            .map(({ id, at, name }) => (
              <span
                key={id}
                className="pointer-events-none absolute bg-ink px-1.5 text-small font-semibold whitespace-nowrap text-face"
                style={{ left: Math.min(px(at).x + 18, Math.max(0, across - 150)), top: Math.max(0, px(at).y - 12) }}
              >
                {name}
              </span>
            ))}
          {finger !== null && (
            <span
              className="pointer-events-none absolute block overflow-hidden rounded-full border-[2.4px] border-ink bg-bench"
              style={{
                width: LOUPE,
                height: LOUPE,
                left: Math.min(across - LOUPE, Math.max(0, finger.x * across - LOUPE / 2)),
                top: finger.y * down > ABOVE + LOUPE / 2 ? finger.y * down - ABOVE - LOUPE / 2 : finger.y * down + ABOVE - LOUPE / 2,
              }}
            >
              <span
                className="absolute block"
                style={{
                  ...picture,
                  transformOrigin: "0 0",
                  transform: `translate(${LOUPE / 2 - finger.x * across * LOUPE_ZOOM}px, ${LOUPE / 2 - finger.y * down * LOUPE_ZOOM}px) scale(${LOUPE_ZOOM})`,
                }}
              >
                {image}
              </span>
              <svg width={LOUPE} height={LOUPE} className="absolute top-0 left-0" aria-hidden="true" stroke="var(--ink)" strokeWidth={2}>
                <circle cx={LOUPE / 2} cy={LOUPE / 2} r={9} fill="none" />
              </svg>
            </span>
          )}
        </div>
      </div>
    </div>
  );
}
