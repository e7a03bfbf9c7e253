import { ORIGINS, type Origin } from "@amp-saver/core/quantity";
import { Select } from "radix-ui";
import { ORIGIN_HELP, ORIGIN_WORDS, PLATE_PHOTO_ORIGIN } from "../words/common.ts";
import { SURVEY } from "../words/survey.ts";
import { ORIGIN_BOX, Provenance } from "./provenance.tsx";

/** A figure's name, and where it comes from. */
export interface OriginSelectProps {
  /** Label of the figure. */
  readonly label: string;
  readonly from: Origin;
  /** Whether it was read from a photo. */
  readonly byPhoto: boolean;
  readonly onFrom: (from: Origin) => void;
}

/** Where a figure comes from, to be chosen. */
export function OriginSelect({ label, from, byPhoto, onFrom }: OriginSelectProps) {
  return (
    <Select.Root value={from} onValueChange={(value) => onFrom(value as Origin)}>
      <Select.Trigger
        aria-label={`${SURVEY.whereFrom(label)}: ${byPhoto ? PLATE_PHOTO_ORIGIN : ORIGIN_WORDS[from]}`}
        className={ORIGIN_BOX}
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
