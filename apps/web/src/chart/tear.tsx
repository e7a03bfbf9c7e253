/** A paper tear across the page: time is left out here. */
export function Tear({ from, to, y }: { readonly from: number; readonly to: number; readonly y: number }) {
  const teeth = Math.max(4, Math.round((to - from) / 12));
  const edge = (dy: number): string =>
    Array.from(
      { length: teeth + 1 },
      (_, i) => `${i === 0 ? "M" : "L"}${from + ((to - from) * i) / teeth} ${y + dy + (i % 2 === 0 ? 3 : -3)}`,
    ).join("");
  return (
    <g>
      <rect x={from} y={y - 6} width={to - from} height="12" fill="var(--face)" />
      <path d={edge(-6)} fill="none" stroke="var(--ink)" strokeWidth="1.3" />
      <path d={edge(6)} fill="none" stroke="var(--ink)" strokeWidth="1.3" />
    </g>
  );
}
