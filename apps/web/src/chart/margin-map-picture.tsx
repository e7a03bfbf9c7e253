import { formatNumber } from "@amp-saver/core/quantity";
import { PICTURES } from "../words/pictures.ts";

/** One place of the map: its fit, and in how many of a hundred tries it starts, and also keeps running. */
export interface MapPlace {
  readonly fit: "fits" | "just-fits" | "too-much" | "not-known";
  readonly starts: number;
  readonly holds: number;
}

export interface MarginMapProps {
  readonly width: number;
  readonly height: number;
  /** Texts along the foot and up the side; rows lowest first. */
  readonly along: readonly string[];
  readonly up: readonly string[];
  readonly rows: readonly (readonly MapPlace[])[];
  readonly upLabel: string;
  readonly alongLabel: string;
  readonly read: readonly [column: number, row: number] | null;
  /** Where the question stands, in columns and rows; null outside the map. */
  readonly here: readonly [column: number, row: number] | null;
  readonly onRead: (at: readonly [column: number, row: number]) => void;
  readonly label: string;
}

const FOOT = 44;
/** Height from which a cell has room for its starts under what works, and how full a cell is at most. */
const TWO_ROWS = 34;
const FULLEST = 0.34;

/** Where the cells lie. */
function mapGrid({ width, height, along, up }: Pick<MarginMapProps, "width" | "height" | "along" | "up">) {
  const left = width < 520 ? 58 : 84;
  return { left, top: 24, cellW: (width - left - 8) / along.length, cellH: (height - 24 - FOOT) / up.length };
}

/** In how many of a hundred tries it works at each temperature and height: the more, the fuller the cell; hatched where it does not fit. */
export function MarginMapPicture(props: MarginMapProps) {
  const { width, height, along, up, rows, read, here, onRead, label } = props;
  const { left, top, cellW, cellH } = mapGrid(props);
  const y = (row: number): number => top + (up.length - 1 - row) * cellH;
  const fit = cellW >= 34 && cellH >= 17;
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="block touch-none">
      {rows.map((row, r) =>
        row.map((place, c) => (
          <g key={`${up[r]} ${along[c]}`} onPointerMove={() => onRead([c, r])} onPointerDown={() => onRead([c, r])}>
            <rect
              x={left + c * cellW}
              y={y(r)}
              width={cellW}
              height={cellH}
              fill={place.fit === "too-much" ? "url(#hatch-lead)" : "var(--face)"}
              stroke="var(--hair)"
            />
            <rect
              x={left + c * cellW + 1}
              y={y(r) + 1}
              width={cellW - 2}
              height={cellH - 2}
              fill="var(--steel)"
              opacity={(FULLEST * place.holds) / 100}
            />
            {place.fit === "just-fits" && (
              <rect
                x={left + c * cellW + 3}
                y={y(r) + 3}
                width={cellW - 6}
                height={cellH - 6}
                fill="none"
                stroke="var(--steel)"
                strokeWidth="1.8"
                strokeDasharray="5 3"
              />
            )}
            {place.fit === "fits" && (
              <rect x={left + c * cellW + 3} y={y(r) + cellH - 6} width={cellW - 6} height={3.5} fill="var(--steel)" />
            )}
            {fit && (
              <text
                x={left + (c + 0.5) * cellW}
                y={y(r) + cellH / 2 + 4.5}
                textAnchor="middle"
                className="figure"
                fontSize="13"
                fontWeight="600"
                fill={place.fit === "too-much" ? "var(--lead)" : "var(--ink)"}
                stroke="var(--face)"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {formatNumber(place.holds, 0)}
              </text>
            )}
            {fit && cellH >= TWO_ROWS && place.starts !== place.holds && (
              <text
                x={left + (c + 0.5) * cellW}
                y={y(r) + cellH / 2 + 18}
                textAnchor="middle"
                className="figure"
                fontSize="13"
                fill="var(--ink2)"
                stroke="var(--face)"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {PICTURES.mapStarts(place.starts)}
              </text>
            )}
          </g>
        )),
      )}
      {up.map((text, r) => (
        <text key={text} x={left - 8} y={y(r) + cellH / 2 + 5} textAnchor="end" fontSize="13.5" fill="var(--ink2)">
          {text}
        </text>
      ))}
      {along.map((text, c) => (
        <text key={text} x={left + (c + 0.5) * cellW} y={height - FOOT + 18} textAnchor="middle" fontSize="13.5" fill="var(--ink2)">
          {text}
        </text>
      ))}
      <text x={left} y={15} fontSize="14.5" fontWeight="700" fill="var(--ink)">
        {props.upLabel}
      </text>
      <text x={width - 8} y={height - 6} textAnchor="end" fontSize="14.5" fontWeight="700" fill="var(--ink)">
        {props.alongLabel}
      </text>
      {here !== null && <Frame x={left + here[0] * cellW} y={y(here[1])} width={cellW} height={cellH} />}
      {read !== null && (
        <rect
          data-screen-only=""
          x={left + read[0] * cellW}
          y={y(read[1])}
          width={cellW}
          height={cellH}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="3"
        />
      )}
      <text x={left} y={height - 6} fontSize="13.5" fill="var(--ink2)">
        {PICTURES.mapMarks}
      </text>
    </svg>
  );
}

/** Corners about the cell that the question stands in. */
function Frame({ x, y, width, height }: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }) {
  const k = Math.min(9, width / 3, height / 3);
  const corner = (cx: number, cy: number, dx: number, dy: number): string => `M${cx + dx * k} ${cy}H${cx}V${cy + dy * k}`;
  return (
    <path
      d={
        corner(x + 1, y + 1, 1, 1) +
        corner(x + width - 1, y + 1, -1, 1) +
        corner(x + 1, y + height - 1, 1, -1) +
        corner(x + width - 1, y + height - 1, -1, -1)
      }
      fill="none"
      stroke="var(--ink)"
      strokeWidth="2.4"
    />
  );
}
