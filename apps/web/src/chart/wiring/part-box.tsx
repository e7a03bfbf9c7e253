import { partOf } from "@amp-saver/core/network";
import type { MapBox } from "./layout.ts";

/** What parts and terminals are called on the map. */
export interface MapNames {
  readonly part: (id: string) => { readonly name: string };
  /** In full, for tags of can and compressor and for speech: never a lone C. */
  readonly terminal: (terminal: string) => string;
}

interface PartBoxProps {
  readonly box: MapBox;
  readonly names: MapNames;
  readonly lit: (terminal: string) => boolean;
  readonly quiet: boolean;
}

/** A part with its terminals: the can's are black rectangles, the compressor's round pins, the others' named on the box. */
export function PartBox({ box, names, lit, quiet }: PartBoxProps) {
  const { part } = box;
  if (part.kind === "run-capacitor") return <Can box={box} names={names} lit={lit} />;
  if (part.kind === "compressor") return <Compressor box={box} names={names} lit={lit} />;
  const dark = part.kind === "starter";
  const { name } = names.part(part.id);
  const small = part.kind === "through";
  return (
    <g opacity={quiet ? 0.75 : 1}>
      <rect
        x={box.x}
        y={box.y}
        width={box.w}
        height={box.h}
        fill={dark ? "var(--ink)" : "var(--bench)"}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <Title box={box} name={name} fill={dark ? "var(--face)" : "var(--ink)"} />
      {box.rows.map(({ terminal, y, sides }) => {
        const right = sides.includes("right");
        const fill = dark ? "var(--face)" : "var(--ink)";
        return (
          <g key={terminal}>
            {sides.map((side) => (
              <rect
                key={side}
                x={side === "left" ? box.x - 6 : box.x + box.w - 4}
                y={y - 6}
                width={10}
                height={12}
                fill={dark ? "var(--face)" : "var(--ink)"}
                stroke="var(--ink)"
                strokeWidth={1.5}
              />
            ))}
            {!small && (
              <text
                x={right ? box.x + box.w - 10 : box.x + 10}
                y={y + 5}
                textAnchor={right ? "end" : "start"}
                fontSize={13}
                fontWeight={lit(terminal) ? 700 : 400}
                textDecoration={lit(terminal) ? "underline" : undefined}
                fill={fill}
              >
                {part.kind === "fan-capacitor" ? names.terminal(terminal) : shortOf(terminal, names)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** A part's name, on two lines where one is too short. */
function Title({ box, name, fill }: { readonly box: MapBox; readonly name: string; readonly fill: string }) {
  const lines = name.length * 7.4 > box.w ? name.split(" ") : [name];
  const size = lines.length > 1 ? 12 : 13.5;
  return (
    <text textAnchor="middle" fontSize={size} fontWeight={700} fill={fill}>
      {lines.map((line, k) => (
        <tspan key={line} x={box.x + box.w / 2} y={box.y + 17 + k * 13}>
          {line}
        </tspan>
      ))}
    </text>
  );
}

/** The part's own word left out where the box already says it. */
function shortOf(terminal: string, names: MapNames): string {
  const full = names.terminal(terminal);
  const { name } = names.part(partOf(terminal));
  return full.toLowerCase().startsWith(`${name.toLowerCase()} `) ? full.slice(name.length + 1) : full;
}

function Can({ box, names, lit }: Omit<PartBoxProps, "quiet">) {
  return (
    <g>
      <rect x={box.x} y={box.y} width={box.w} height={box.h} rx={box.w / 2.6} fill="var(--bench)" stroke="var(--ink)" strokeWidth={2.4} />
      <text x={box.x + box.w / 2} y={box.y + 21} textAnchor="middle" fontSize={13.5} fontWeight={700} fill="var(--ink)">
        {names.part(box.part.id).name}
      </text>
      {box.rows.map(({ terminal, y, sides }) => (
        <g key={terminal}>
          {sides.map((side) => (
            <rect key={side} x={side === "left" ? box.x - 8 : box.x + box.w - 2} y={y - 6} width={10} height={12} fill="var(--ink)" />
          ))}
          <rect
            x={box.x + 4}
            y={y - 12}
            width={box.w - 8}
            height={24}
            fill={lit(terminal) ? "var(--straw)" : "var(--ink)"}
            stroke="var(--ink)"
            strokeWidth={lit(terminal) ? 2.4 : 0}
          />
          <text
            x={box.x + box.w / 2}
            y={y + 5}
            textAnchor="middle"
            fontSize={box.w < 80 ? 12.5 : 14}
            fontWeight={700}
            fill={lit(terminal) ? "#0D1312" : "var(--face)"}
          >
            {names.terminal(terminal)}
          </text>
        </g>
      ))}
    </g>
  );
}

function Compressor({ box, names, lit }: Omit<PartBoxProps, "quiet">) {
  const { x, y, w, h } = box;
  const dome = Math.min(w / 2, 44);
  const narrow = w < 90;
  return (
    <g>
      <path
        d={`M${x} ${y + h}V${y + dome}A${w / 2} ${dome} 0 0 1 ${x + w} ${y + dome}V${y + h}Z`}
        fill="var(--bench)"
        stroke="var(--ink)"
        strokeWidth={2.4}
      />
      {box.rows.map(({ terminal, y: row }) => (
        <g key={terminal}>
          <circle cx={x} cy={row} r={9} fill={lit(terminal) ? "var(--straw)" : "var(--face)"} stroke="var(--ink)" strokeWidth={3} />
          <circle cx={x} cy={row} r={3} fill="var(--ink)" />
          <text x={x + 15} y={narrow ? row : row + 5} fontSize={narrow ? 11.5 : 13.5} fontWeight={700} fill="var(--ink)">
            <tspan x={x + 15}>{names.terminal(terminal).split(" ")[0]}</tspan>
            <tspan
              x={narrow ? x + 15 : undefined}
              dy={narrow ? 13 : 0}
            >{`${narrow ? "" : " "}${names.terminal(terminal).split(" ").slice(1).join(" ")}`}</tspan>
          </text>
        </g>
      ))}
    </g>
  );
}
