import { FIT_WORDS } from "../words/common.ts";

/** How a piece sits in its gap. */
export type FitName = keyof typeof FIT_WORDS;

/** A piece in a gap. The word always stands beside it or is its accessible name. */
export function VerdictGlyph({ fit, width = 36 }: { readonly fit: FitName; readonly width?: number }) {
  return (
    <svg
      viewBox="0 0 40 18"
      width={width}
      height={(width * 18) / 40}
      fill="none"
      role="img"
      aria-label={FIT_WORDS[fit]}
      className="shrink-0"
    >
      <path
        d="M2 1.5v14h27v-14"
        stroke="currentColor"
        strokeWidth="2.6"
        style={fit === "too-much" ? { clipPath: "inset(0 12px 0 0)" } : undefined}
      />
      {fit === "fits" && <rect x="5.5" y="5" width="12" height="7" fill="currentColor" />}
      {fit === "just-fits" && (
        <>
          <rect x="5.5" y="5" width="15" height="7" fill="currentColor" />
          <rect x="20.5" y="5.6" width="6.4" height="5.8" stroke="currentColor" strokeWidth="1.3" />
        </>
      )}
      {fit === "too-much" && (
        <>
          <rect x="5.5" y="5" width="20" height="7" fill="currentColor" />
          <path d="M28.5 0v18" stroke="var(--lead)" strokeWidth="2.8" />
          <rect x="32" y="5" width="7.5" height="7" fill="var(--lead)" />
        </>
      )}
      {fit === "not-known" && (
        <rect x="6" y="5.4" width="18" height="6.2" stroke="currentColor" strokeWidth="1.4" strokeDasharray="2.6 2" />
      )}
    </svg>
  );
}
