/** The product's mark: a piece in a gap. */
export function Mark({ size = 28 }: { readonly size?: number }) {
  return (
    <svg viewBox="0 0 30 18" width={size} height={(size * 18) / 30} fill="none" aria-hidden="true">
      <path d="M1.8 2v14h26.4V2" stroke="currentColor" strokeWidth="3" />
      <rect x="6" y="4.4" width="13" height="8" fill="var(--steel)" />
    </svg>
  );
}
