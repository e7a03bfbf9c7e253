import { formatWith } from "@amp-saver/core/quantity";
import { useMemo, useState } from "react";
import { MarginMapPicture } from "../../chart/margin-map-picture.tsx";
import { useSettings } from "../../store/settings.tsx";
import { PictureFrame } from "../../ui/picture-frame.tsx";
import { COMMON } from "../../words/common.ts";
import { PICTURES } from "../../words/pictures.ts";
import { mapPlaces } from "../../workbench/map-places.ts";
import { useMap } from "../../workers/use-study.ts";
import type { PicturesProps } from "./pictures-props.ts";

interface MapViewProps extends PicturesProps {
  readonly width: number;
  readonly height: number;
  readonly fileName: string;
}

/** The margin at each temperature and height, or loads where nothing is lost to height. */
export function MapView({ given, mapAxis, width, height, fileName }: MapViewProps) {
  const { measure } = useSettings();
  const places = useMemo(() => mapPlaces(mapAxis, measure, width < 520), [mapAxis, measure, width]);
  const frame = useMemo(() => ({ ...given, outdoorC: 0, ...(mapAxis === "loads" && { backgroundA: 0 }) }), [given, mapAxis]);
  const settled = useMemo(
    () => ({ given: frame, outdoorC: places.along.map((p) => p.si), up: places.up.map((p) => p.si) }),
    [frame, places],
  );
  const { answer } = useMap(settled);
  const [read, setRead] = useState<readonly [number, number] | null>(null);
  if (answer === undefined || answer.length !== places.up.length || answer[0]?.length !== places.along.length)
    return <p className="py-6 text-ink2">{COMMON.working}</p>;
  const columns = places.along.length;
  const text = ({ shown, unit }: { readonly shown: number; readonly unit: string }): string => formatWith(shown, 0, unit);
  const cell = read === null ? undefined : answer[read[1]]?.[read[0]];
  const reading =
    read === null || cell === undefined
      ? null
      : PICTURES.mapAt(text(places.along[read[0]]!), text(places.up[read[1]]!), cell.fit, cell.marginA, cell.decides);
  const altitudeM = "altitudeM" in given.source ? given.source.altitudeM : 0;
  const here = places.nearest(given.outdoorC, mapAxis === "altitude" ? altitudeM : given.backgroundA);
  const vertical = (key: string): boolean => {
    if (key !== "ArrowUp" && key !== "ArrowDown") return false;
    const [c, r] = read ?? [0, 0];
    setRead([c, Math.max(0, Math.min(places.up.length - 1, r + (key === "ArrowUp" ? 1 : -1)))]);
    return true;
  };
  return (
    <PictureFrame
      reading={reading}
      steps={columns * places.up.length}
      at={read === null ? null : read[1] * columns + read[0]}
      onStep={(k) => setRead([k % columns, Math.floor(k / columns)])}
      onKey={vertical}
      fileName={fileName}
    >
      <MarginMapPicture
        width={width}
        height={height}
        along={places.along.map((p) => String(p.shown))}
        up={places.up.map((p) => String(p.shown))}
        rows={answer}
        upLabel={`${PICTURES.mapUp[mapAxis]}, ${places.up[0]?.unit ?? ""}`}
        alongLabel={`${PICTURES.mapAlong}, ${places.along[0]?.unit ?? ""}`}
        read={read}
        here={here}
        onRead={setRead}
        label={PICTURES.mapLabel}
      />
    </PictureFrame>
  );
}
