/** Text on a face halo, so that a line behind it never crosses a letter. */
export function Halo({ x, y, fill = "var(--ink)", anchor = "start", size = 14.5, weight = 600, figure = false, children }: HaloProps) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={size}
      fontWeight={weight}
      fill={fill}
      stroke="var(--face)"
      strokeWidth="5"
      strokeLinejoin="round"
      paintOrder="stroke"
      {...(figure && { className: "figure" })}
    >
      {children}
    </text>
  );
}

interface HaloProps {
  readonly x: number;
  readonly y: number;
  readonly fill?: string;
  readonly anchor?: "start" | "middle" | "end";
  readonly size?: number;
  readonly weight?: number;
  readonly figure?: boolean;
  readonly children: React.ReactNode;
}
