import type { PhotoPlace } from "@amp-saver/records";
import { useState } from "react";
import { usePicture } from "../store/use-picture.ts";
import { PLATE_PHOTO } from "../words/plate-photo.ts";
import { PlateCrop } from "./plate-crop.tsx";

/** The place of a photo that a figure was read from; nothing where this device has no such photo. */
export function FigurePhoto({ label, place }: { readonly label: string; readonly place: PhotoPlace }) {
  const url = usePicture(place.id);
  const [ratio, setRatio] = useState<number | null>(null);
  if (typeof url !== "string") return null;
  if (ratio === null)
    return (
      <img
        src={url}
        alt=""
        hidden
        onLoad={({ currentTarget: { naturalWidth, naturalHeight } }) => setRatio(naturalWidth / naturalHeight)}
      />
    );
  return (
    <span className="mt-1 block w-[132px]">
      <PlateCrop url={url} name={PLATE_PHOTO.crop(label)} ratio={ratio} box={place} />
    </span>
  );
}
