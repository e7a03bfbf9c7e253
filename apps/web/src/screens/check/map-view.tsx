import { formatWith, itemAt } from "@amp-saver/core/quantity";
import { useMemo, useState } from "react";
import { MarginMapPicture } from "../../chart/margin-map-picture.tsx";
import { useSettings } from "../../store/settings.tsx";
import { Failed } from "../../ui/failed.tsx";
import { PictureFrame } from "../../ui/picture-frame.tsx";
import { COMMON } from "../../words/common.ts";
import { PICTURES } from "../../words/pictures.ts";
import { useMap } from "../../workers/use-boundary.ts";
import { mapPlace, mapPlaces } from "./map.view.ts";
import type { PicturesProps } from "./pictures-props.ts";

interface MapViewProps extends PicturesProps {
  readonly width: number;
  readonly height: number;
  readonly fileName: string;
}

/** In how many tries it works at each temperature and height, or loads where nothing is lost to height. */
export function MapView({ given, mapAxis, width, height, fileName }: MapViewProps) {
  const { measure } = useSettings();
  const places = useMemo(() => mapPlaces(mapAxis, measure, width < 520), [mapAxis, measure, width]);
  const frame = useMemo(() => ({ ...given, outdoorC: FRAME_C, ...(mapAxis === "loads" && { backgroundA: 0 }) }), [given, mapAxis]);
  const settled = useMemo(
    () => ({ given: frame, outdoorC: places.along.map((p) => p.si), up: places.up.map((p) => p.si) }),
    [frame, places],
  );
  const { cells, total, running, failed, again } = useMap(settled);
  const rows = useMemo(() => cells.map((row) => row.map(mapPlace)), [cells]);
  const [read, setRead] = useState<readonly [number, number] | null>(null);
  if (failed !== null) return <Failed text={failed} onAgain={again} />;
  if (rows.length !== places.up.length || rows[0]?.length !== places.along.length)
    return <p className="py-6 text-ink2">{COMMON.working}</p>;
  const columns = places.along.length;
  const text = ({ shown, unit }: { readonly shown: number; readonly unit: string }): string => formatWith(shown, 0, unit);
  const cell = read === null ? undefined : rows[read[1]]?.[read[0]];
  const reading =
    read === null || cell === undefined
      ? null
      : PICTURES.mapAt(text(itemAt(places.along, read[0])), text(itemAt(places.up, read[1])), cell.fit, cell.starts, cell.holds);
  const altitudeM = "altitudeM" in given.source ? (given.source.altitudeM ?? 0) : 0;
  const here = places.nearest(given.outdoorC, mapAxis === "altitude" ? altitudeM : (given.backgroundA ?? 0));
  const vertical = (key: string): boolean => {
    if (key !== "ArrowUp" && key !== "ArrowDown") return false;
    const [c, r] = read ?? [0, 0];
    setRead([c, Math.max(0, Math.min(places.up.length - 1, r + (key === "ArrowUp" ? 1 : -1)))]);
    return true;
  };
  return (
    <>
      {running && (
        <p role="status" className="text-small text-ink2">
          {PICTURES.working(cells[0]?.[0]?.of ?? 0, total)}
        </p>
      )}
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
          rows={rows}
          upLabel={`${PICTURES.mapUp[mapAxis]}, ${places.up[0]?.unit ?? ""}`}
          alongLabel={`${PICTURES.mapAlong}, ${places.along[0]?.unit ?? ""}`}
          read={read}
          here={here}
          onRead={setRead}
          label={PICTURES.mapLabel}
        />
      </PictureFrame>
    </>
  );
}

/** Air in which the map's members are put together, °C; each cell has its own. */
const FRAME_C = 35;
