import type { Origin } from "@amp-saver/core/quantity";
import { ORIGIN_WORDS } from "../words/common.ts";

const FACES: Readonly<Record<Origin, React.ReactNode>> = {
  measured: (
    <>
      <rect x="1" y="1" width="14" height="14" fill="currentColor" />
      <path d="M5 11 11 5" stroke="var(--face)" strokeWidth="1.8" />
    </>
  ),
  plate: (
    <>
      <rect x="1" y="1" width="14" height="14" />
      <circle cx="5.4" cy="8" r="1.3" fill="currentColor" stroke="none" />
      <circle cx="10.6" cy="8" r="1.3" fill="currentColor" stroke="none" />
    </>
  ),
  sheet: (
    <>
      <path d="M1 1h9l5 5v9H1z" />
      <path d="M4.4 8.4h7M4.4 11.4h7" strokeWidth="1.3" />
    </>
  ),
  typical: (
    <>
      <rect x="1" y="1" width="14" height="14" />
      <path d="M3.6 12C6.4 12 6 4.4 8 4.4s1.6 7.6 4.4 7.6" strokeWidth="1.3" />
    </>
  ),
  guessed: <rect x="1" y="1" width="14" height="14" strokeDasharray="2.8 2.2" />,
};

/** The box that its mark stands in, big enough for a thumb. */
export const ORIGIN_BOX = "flex h-[32px] w-[32px] items-center justify-center pointer-coarse:h-[44px] pointer-coarse:w-[44px]";

/** Where a figure comes from: one plate, five faces. With `word` the word stands beside it. */
export function Provenance({ from, word = false }: { readonly from: Origin; readonly word?: boolean }) {
  return (
    <span className="inline-flex items-center gap-1.5 align-[-2px]">
      <svg
        viewBox="0 0 16 16"
        width="14"
        height="14"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.6"
        role="img"
        aria-label={ORIGIN_WORDS[from]}
      >
        {FACES[from]}
      </svg>
      {word && (
        <span aria-hidden="true" className="text-small text-ink2">
          {ORIGIN_WORDS[from]}
        </span>
      )}
    </span>
  );
}
