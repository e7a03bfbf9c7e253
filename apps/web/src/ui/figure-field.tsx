import type { Origin } from "@amp-saver/core/quantity";
import { lazy, Suspense, useId } from "react";
import { ORIGIN_WORDS, PLATE_PHOTO_ORIGIN } from "../words/common.ts";
import { SURVEY } from "../words/survey.ts";
import { FieldError } from "./field-error.tsx";
import type { OriginSelectProps } from "./origin-select.tsx";
import { ORIGIN_BOX, Provenance } from "./provenance.tsx";
import { SignButton } from "./sign-button.tsx";
import { type Restore, useDraft } from "./use-draft.ts";

interface FigureFieldProps {
  readonly label: string;
  readonly help?: string | undefined;
  readonly unit: string;
  /** Text of what is kept; empty for nothing. */
  readonly kept: string;
  readonly from: Origin | null;
  /** The place of a photo that it was read from. */
  readonly photo?: React.ReactNode;
  /** Takes a text; says what is wrong with it, or null when it was kept. Empty clears where allowed. */
  readonly onText: (text: string) => string | null;
  readonly onFrom?: (from: Origin) => void;
  /** What a refused text leaves in place. */
  readonly restore: Restore;
  readonly placeholder?: string;
  readonly large?: boolean;
  /** Whether it may lie below zero. */
  readonly signed?: boolean;
}

/** One figure on a ruled row: label, value, unit, and the mark of where it comes from. */
export function FigureField(props: FigureFieldProps) {
  const { label, help, unit, kept, from, photo, onText, onFrom, restore, placeholder, large = false, signed = false } = props;
  const id = useId();
  const { shown, error, type, leave } = useDraft(label, kept, onText, restore);
  return (
    <div className="border-b border-hair py-1.5">
      <div className="flex items-center justify-between gap-3">
        <span className="min-w-0 grow text-body">
          <label htmlFor={id}>{label}</label>
          {help !== undefined && (
            <span id={`${id}-help`} className="block text-small leading-[1.15] text-ink2">
              {help}
            </span>
          )}
          {photo}
        </span>
        <span className="flex shrink-0 items-center gap-2">
          {signed && <SignButton label={label} text={shown} onText={type} />}
          <input
            id={id}
            type="text"
            inputMode="decimal"
            autoComplete="off"
            value={shown}
            placeholder={placeholder}
            aria-invalid={error !== null}
            aria-describedby={error !== null ? `${id}-error` : help === undefined ? undefined : `${id}-help`}
            onChange={(event) => type(event.target.value)}
            onBlur={leave}
            className={`figure edge bg-face px-2 text-right placeholder:font-normal placeholder:text-small placeholder:text-ink2 pointer-coarse:min-h-[48px] ${large ? "min-h-[40px] w-[112px] text-large" : "min-h-[34px] w-[96px] text-large"} ${error === null ? "" : "border-lead"}`}
          />
          <span className={`w-[46px] text-ink2 ${unit.length > LONG_UNIT ? "text-small" : "text-body"}`}>{unit}</span>
          {onFrom !== undefined && from === null && <span className="w-[32px]" />}
          {onFrom !== undefined && from !== null && (
            <Suspense fallback={<OriginMark label={label} from={from} byPhoto={photo !== undefined} />}>
              <OriginSelect label={label} from={from} byPhoto={photo !== undefined} onFrom={onFrom} />
            </Suspense>
          )}
        </span>
      </div>
      <FieldError id={`${id}-error`} error={error} />
    </div>
  );
}

/** Letters of a unit that still fit beside a figure in full size. */
const LONG_UNIT = 6;

/** Where a figure comes from, as its mark alone: until one can choose, and where that did not load. */
function OriginMark({ label, from, byPhoto }: Pick<OriginSelectProps, "label" | "from" | "byPhoto">) {
  return (
    <span role="img" aria-label={`${SURVEY.whereFrom(label)}: ${byPhoto ? PLATE_PHOTO_ORIGIN : ORIGIN_WORDS[from]}`} className={ORIGIN_BOX}>
      <Provenance from={from} />
    </span>
  );
}

const OriginSelect = lazy(() =>
  import("./origin-select.tsx").then(
    (m) => ({ default: m.OriginSelect }),
    () => ({ default: OriginMark }),
  ),
);
