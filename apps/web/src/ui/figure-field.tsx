import { ORIGINS, type Origin } from "@amp-saver/core/quantity";
import { Select } from "radix-ui";
import { useId } from "react";
import { ORIGIN_HELP, ORIGIN_WORDS } from "../words/common.ts";
import { SURVEY } from "../words/survey.ts";
import { FieldError } from "./field-error.tsx";
import { Provenance } from "./provenance.tsx";
import { SignButton } from "./sign-button.tsx";
import { type Restore, useDraft } from "./use-draft.ts";

interface FigureFieldProps {
  readonly label: string;
  readonly help?: string | undefined;
  readonly unit: string;
  /** Text of what is kept; empty for nothing. */
  readonly kept: string;
  readonly from: Origin | null;
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
  const { label, help, unit, kept, from, onText, onFrom, restore, placeholder, large = false, signed = false } = props;
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
            className={`figure edge bg-face px-2 text-right placeholder:font-normal placeholder:text-ink2 pointer-coarse:min-h-[48px] ${large ? "min-h-[40px] w-[112px] text-large" : "min-h-[34px] w-[96px] text-large"} ${error === null ? "" : "border-lead"}`}
          />
          <span className={`w-[46px] text-ink2 ${unit.length > LONG_UNIT ? "text-small" : "text-body"}`}>{unit}</span>
          {onFrom !== undefined && <OriginSelect label={label} from={from} onFrom={onFrom} />}
        </span>
      </div>
      <FieldError id={`${id}-error`} error={error} />
    </div>
  );
}

/** Letters of a unit that still fit beside a figure in full size. */
const LONG_UNIT = 6;

function OriginSelect({
  label,
  from,
  onFrom,
}: {
  readonly label: string;
  readonly from: Origin | null;
  readonly onFrom: (from: Origin) => void;
}) {
  if (from === null) return <span className="w-[32px]" />;
  return (
    <Select.Root value={from} onValueChange={(value) => onFrom(value as Origin)}>
      <Select.Trigger
        aria-label={`${SURVEY.whereFrom(label)}: ${ORIGIN_WORDS[from]}`}
        className="flex h-[32px] w-[32px] items-center justify-center pointer-coarse:h-[44px] pointer-coarse:w-[44px]"
      >
        <Provenance from={from} />
      </Select.Trigger>
      <Select.Portal>
        <Select.Content position="popper" sideOffset={4} align="end" className="z-50 border-[1.8px] border-ink bg-face">
          <Select.Viewport>
            {ORIGINS.map((origin) => (
              <Select.Item
                key={origin}
                value={origin}
                className="flex min-h-[38px] cursor-pointer items-center gap-2.5 px-3 data-[highlighted]:bg-ink data-[highlighted]:text-face pointer-coarse:min-h-[48px]"
              >
                <Provenance from={origin} />
                <Select.ItemText>
                  <span className="font-semibold">{ORIGIN_WORDS[origin]}</span>
                </Select.ItemText>
                <span className="text-small">{ORIGIN_HELP[origin]}</span>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
