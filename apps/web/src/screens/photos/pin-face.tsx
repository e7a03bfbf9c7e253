import { MOST_PATH_POINTS, type Photo, type Spot, type Wiring } from "@amp-saver/records";
import { useState } from "react";
import { PhotoMap } from "../../chart/photo/photo-map.tsx";
import type { MapLit } from "../../chart/wiring/wiring-map.tsx";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { usePicture } from "../../store/use-picture.ts";
import { Button } from "../../ui/button.tsx";
import { Pick } from "../../ui/pick.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { PHOTO_WORDS } from "../../words/photos.ts";
import { PINS } from "../../words/pins.ts";
import type { WiringNames } from "../../words/wiring.ts";
import type { PlanView } from "../prepare/wiring.view.ts";
import { Photos } from "./photos.tsx";
import { boxPhotos, markedName, pinTargets, snapped, thinned } from "./pinned.view.ts";
import { SlideOver } from "./slide-over.tsx";

interface PinFaceProps {
  readonly bundle: JobBundle;
  readonly wiring: Wiring;
  readonly plan: PlanView;
  readonly names: WiringNames;
  readonly lit: MapLit | null;
}

/** What the finger is at. */
type Doing =
  | { readonly what: "look" }
  | { readonly what: "pin" | "draw"; readonly id: string }
  | { readonly what: "corner"; readonly corners: readonly Spot[] };

const LOOK: Doing = { what: "look" };
const TAKE = ["as-found", "as-built"] as const;
/** Share of the photo within which a wire's end is taken to be at a pin. */
const SNAP = 0.04;
const ZOOMS = { least: 1, most: 5, by: 1.4 };

/** The wiring on the user's own photo: terminals and wires pinned where they are, those of this step lit. */
export function PinFace({ bundle, wiring, plan, names, lit }: PinFaceProps) {
  const { commit } = useStore();
  const boxes = boxPhotos(bundle.photos, bundle.unit.id);
  const [chosen, setChosen] = useState<string | null>(null);
  const photo = boxes.find(({ id }) => id === chosen) ?? boxes[0];
  const url = usePicture(photo?.id ?? "");
  const found = boxes.find(({ of }) => of === "as-found");
  const built = boxes.find(({ of }) => of === "as-built");
  const [doing, setDoing] = useState<Doing>(LOOK);
  const [zoom, setZoom] = useState(1);
  const [skipped, setSkipped] = useState<ReadonlySet<string>>(new Set());
  const targets = pinTargets(plan, wiring, bundle.photos, names);
  if (photo === undefined)
    return (
      <>
        <p className="py-2">{PINS.none}</p>
        <Photos bundle={bundle} subjects={TAKE} />
      </>
    );
  const pins = photo.pins ?? {};
  const paths = photo.paths ?? {};
  const isLit = (id: string): boolean =>
    lit !== null && (lit.terminals.has(id) || [...lit.conductors].some((c) => c.replace(/\/\d+$/, "") === id));
  const open = targets.filter(({ id }) => pins[id] === undefined && !skipped.has(id));
  const next = open.find(({ id }) => isLit(id)) ?? open[0];
  const keep = (
    change: Partial<Pick<Photo, "pins" | "paths" | "corners">> & { readonly corners?: Photo["corners"] | undefined },
    field: string,
  ): void => void commit(editCommit<Photo>(photo, change, field));
  const place = (at: Spot): void => {
    if (doing.what === "corner") {
      const [a, b, c, d] = [...doing.corners, at];
      const whole = a !== undefined && b !== undefined && c !== undefined && d !== undefined;
      if (whole) keep({ corners: [a, b, c, d] }, "corners");
      setDoing(whole ? LOOK : { what: "corner", corners: [...doing.corners, at] });
      return;
    }
    if (doing.what !== "pin") return;
    keep({ pins: { ...pins, [doing.id]: at } }, `pin ${doing.id}`);
    const after = open.find(({ id }) => id !== doing.id);
    setDoing(after === undefined ? LOOK : { what: "pin", id: after.id });
  };
  const draw = (way: readonly Spot[]): void => {
    if (doing.what !== "draw") return;
    const ends = Object.values(pins);
    const thin = thinned(way, MOST_PATH_POINTS);
    keep(
      { paths: { ...paths, [doing.id]: thin.map((spot, k) => (k === 0 || k === thin.length - 1 ? snapped(spot, ends, SNAP) : spot)) } },
      `path ${doing.id}`,
    );
    setDoing(LOOK);
  };
  const target = doing.what === "pin" || doing.what === "draw" ? targets.find(({ id }) => id === doing.id) : undefined;
  const litWires = targets.filter(({ id, kind }) => kind === "wire" && isLit(id));
  return (
    <div>
      {boxes.length > 1 && (
        <Pick<string>
          label={PINS.which}
          value={photo.id}
          options={boxes.map((box, k) => ({ value: box.id, word: `${PHOTO_WORDS.of[box.of]} ${k + 1}` }))}
          onChange={(id) => {
            setChosen(id);
            setDoing(LOOK);
          }}
        />
      )}
      {url === null && <p className="py-2">{PHOTO_WORDS.absent}</p>}
      {typeof url === "string" && (
        <PhotoMap
          url={url}
          ratio={photo.across / photo.down}
          {...(doing.what !== "corner" && { corners: photo.corners })}
          label={PINS.label}
          pins={
            doing.what === "corner"
              ? doing.corners.map((at, k) => ({ id: String(k), at, name: String(k + 1), lit: true }))
              : targets.flatMap((t) => {
                  const at = pins[t.id];
                  return at === undefined ? [] : [{ id: t.id, at, name: markedName(t), lit: isLit(t.id) }];
                })
          }
          paths={Object.entries(paths).map(([id, way]) => ({ id, way, lit: isLit(id) }))}
          zoom={zoom}
          hand={doing.what === "look" ? "none" : doing.what === "draw" ? "draw" : "place"}
          onPlace={place}
          onDraw={draw}
        />
      )}
      <p role="status" className="py-1 font-semibold">
        {doing.what === "corner"
          ? PINS.corner(doing.corners.length)
          : target === undefined
            ? PINS.count(targets.length - targets.filter(({ id }) => pins[id] === undefined).length, targets.length)
            : doing.what === "draw"
              ? PINS.draw(target.name)
              : PINS.tap(markedName(target))}
      </p>
      <div className="grid grid-cols-2 gap-2">
        {doing.what === "look" ? (
          <>
            {next !== undefined && <RoofButton onClick={() => setDoing({ what: "pin", id: next.id })}>{PINS.pin(next.name)}</RoofButton>}
            {litWires.map(({ id, name }) => (
              <RoofButton key={id} onClick={() => setDoing({ what: "draw", id })}>
                {PINS.path(name)}
              </RoofButton>
            ))}
          </>
        ) : (
          <>
            {doing.what === "pin" && (
              <RoofButton
                onClick={() => {
                  setSkipped(new Set([...skipped, doing.id]));
                  const after = open.find(({ id }) => id !== doing.id);
                  setDoing(after === undefined ? LOOK : { what: "pin", id: after.id });
                }}
              >
                {PINS.absent}
              </RoofButton>
            )}
            <RoofButton onClick={() => setDoing(LOOK)}>{PINS.stop}</RoofButton>
          </>
        )}
      </div>
      <div className="flex flex-wrap gap-x-3 py-1">
        <Button look="quiet" onClick={() => setZoom(Math.min(ZOOMS.most, zoom * ZOOMS.by))}>
          {PINS.nearer}
        </Button>
        <Button look="quiet" onClick={() => setZoom(ZOOMS.least)}>
          {PINS.whole}
        </Button>
        <Button look="quiet" onClick={() => setDoing({ what: "corner", corners: [] })}>
          {PINS.straighten}
        </Button>
        {photo.corners !== undefined && (
          <Button look="quiet" onClick={() => keep({ corners: undefined }, "corners")}>
            {PINS.asItIs}
          </Button>
        )}
      </div>
      {Object.keys(pins).length > 0 && (
        <Pick<string>
          label={PINS.move}
          value=""
          options={[
            { value: "", word: PINS.choose },
            ...targets.filter(({ id }) => pins[id] !== undefined).map(({ id, name }) => ({ value: id, word: name })),
          ]}
          onChange={(id) => id !== "" && setDoing({ what: "pin", id })}
        />
      )}
      <Photos bundle={bundle} subjects={TAKE} />
      {found !== undefined && built !== undefined && <SlideOver found={found} built={built} />}
    </div>
  );
}
