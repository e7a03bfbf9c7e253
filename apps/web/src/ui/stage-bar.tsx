/** From one piece to the next. */
const STEP = 12.3;

/** How far a job has come, as filled pieces of a rule with a cursor. */
export function StageBar({ at, of, label }: { readonly at: number; readonly of: number; readonly label: string }) {
  const width = Math.ceil(of * STEP) + 2;
  return (
    <svg viewBox={`0 0 ${width} 22`} width={width} height="22" role="img" aria-label={label} className="shrink-0">
      {Array.from({ length: of }, (_, i) => {
        const x = 1 + i * STEP;
        if (i < at) return <rect key={x} x={x} y="5" width="9.5" height="12" fill="currentColor" />;
        if (i > at) return <line key={x} x1={x + 4} x2={x + 4} y1="6" y2="16" stroke="currentColor" strokeWidth="1.6" />;
        return (
          <g key={x}>
            <rect x={x - 1} y="1.5" width="11.5" height="19" fill="var(--face)" stroke="currentColor" strokeWidth="2" />
            <line x1={x + 4.7} x2={x + 4.7} y1="1.5" y2="20.5" stroke="currentColor" strokeWidth="1.2" />
          </g>
        );
      })}
    </svg>
  );
}
