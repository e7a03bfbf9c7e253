/** Hatches that every drawing shares, put into the page once. */
export function Patterns() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <defs>
        <pattern id="hatch-lead" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="1" x2="1" y1="0" y2="7" stroke="var(--lead)" strokeWidth="1.5" />
        </pattern>
        <pattern id="hatch-loads" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill="var(--face)" />
          <line x1="1" x2="1" y1="0" y2="6" stroke="var(--ink)" strokeWidth="1.2" />
        </pattern>
        <pattern id="hatch-fan" width="5" height="5" patternUnits="userSpaceOnUse">
          <rect width="5" height="5" fill="var(--face)" />
          <line x1="1" x2="1" y1="0" y2="5" stroke="var(--ink)" strokeWidth="1.2" />
        </pattern>
      </defs>
    </svg>
  );
}
