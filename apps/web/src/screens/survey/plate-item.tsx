import { shownAs } from "@amp-saver/core/figure";
import { useState } from "react";
import { useSettings } from "../../store/settings.tsx";
import { Caution } from "../../ui/caution.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";
import { FIGURE_WORDS } from "../../words/survey.ts";
import { PlateCrop } from "../plate-crop.tsx";
import { burns, type PlateItem } from "./plate-photo.view.ts";

interface PlateItemPanelProps {
  readonly item: PlateItem;
  readonly url: string | null;
  readonly ratio: number;
  readonly settled: "entered" | "left" | null;
  /** Enters the text; says its limits where it is no good. */
  readonly onConfirm: (text: string) => string | null;
  readonly onLeave: () => void;
}

const labelOf = (item: PlateItem): string => {
  if (item.kind === "text") return PLATE_PHOTO.texts[item.id];
  if (item.kind === "plain") return PLATE_PHOTO[item.id];
  if (item.id === "fanSectionF") return PLATE_PHOTO.fanSection;
  return FIGURE_WORDS[item.name].label;
};

/** One thing that was read, beside the place it was read from. */
export function PlateItemPanel({ item, url, ratio, settled, onConfirm, onLeave }: PlateItemPanelProps) {
  const { measure } = useSettings();
  const [text, setText] = useState(item.text);
  const [correcting, setCorrecting] = useState(false);
  const [wrong, setWrong] = useState<string | null>(null);
  const label = labelOf(item);
  const unit =
    item.kind === "unit" || item.kind === "source" || item.kind === "printed"
      ? `\u00a0${shownAs(item.name, measure).unit}`
      : item.id === "hz"
        ? "\u00a0Hz"
        : "";
  return (
    <div className="border-b border-hair py-2 min-[43.75rem]:grid min-[43.75rem]:grid-cols-2 min-[43.75rem]:gap-4">
      {url !== null && <PlateCrop url={url} name={PLATE_PHOTO.crop(label)} ratio={ratio} box={item.box} />}
      <div>
        {correcting ? (
          <TextField
            label={unit === "" ? label : `${label},${unit}`}
            kept={text}
            numeric={item.kind !== "text"}
            onText={(next) => {
              setText(next);
              setWrong(null);
              return null;
            }}
          />
        ) : (
          <p className="flex items-baseline justify-between gap-3 py-2">
            <span>{label}</span>
            <span className="figure text-large">{`${text}${unit}`}</span>
          </p>
        )}
        {item.doubts.length > 0 && (
          <p className="py-1">
            <strong>{PLATE_PHOTO.doubtful}.</strong> {item.doubts.map((doubt) => PLATE_PHOTO.doubts[doubt]).join(" ")}
          </p>
        )}
        {item.id === "refrigerant" && burns(text) === true && <Caution title={label}>{PLATE_PHOTO.burns}</Caution>}
        {wrong !== null && (
          <p role="alert" className="py-1 font-semibold text-lead">
            {PLATE_PHOTO.wrong(label, wrong)}
          </p>
        )}
        {settled === "entered" ? (
          <p role="status" className="py-2 font-semibold">
            {PLATE_PHOTO.entered}
          </p>
        ) : (
          <div className="flex flex-col gap-2 pt-2" data-confirms>
            <RoofButton main onClick={() => setWrong(onConfirm(text))}>
              {PLATE_PHOTO.confirm(`${text}${unit}`)}
            </RoofButton>
            <div className="flex gap-2">
              {!correcting && <RoofButton onClick={() => setCorrecting(true)}>{PLATE_PHOTO.correct}</RoofButton>}
              <RoofButton onClick={onLeave}>{PLATE_PHOTO.leave}</RoofButton>
            </div>
          </div>
        )}
      </div>
    </div>
  );
}
