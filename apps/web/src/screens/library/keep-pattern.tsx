import { PATTERN_PHOTO_SIDE, PATTERN_PHOTOS, type Pattern, type Photo } from "@amp-saver/records";
import { useState } from "react";
import { keepPatternCommit } from "../../store/library-commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { shrinkPhoto } from "../../ui/shrink-photo.ts";
import { Tick } from "../../ui/tick.tsx";
import { LIBRARY } from "../../words/library.ts";
import { PHOTO_WORDS } from "../../words/photos.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { patternFor } from "./library.view.ts";
import { usePatterns } from "./use-patterns.ts";

/** Keeps what was learned of a unit under its model, without any name; photos only those that are ticked. */
export function KeepPattern({ bundle }: { readonly bundle: JobBundle }) {
  const { job, unit, wirings, works, photos } = bundle;
  const { commit, store } = useStore();
  const { plan } = useUnitWiring(bundle);
  const known = patternFor(usePatterns(), unit.model);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [failed, setFailed] = useState(false);
  if (unit.model.trim() === "") return <p className="py-2 text-ink2">{LIBRARY.noModel}</p>;
  if (known !== undefined && Object.hasOwn(known.works, job.id)) return <p className="py-2 font-semibold">{LIBRARY.kept}</p>;
  const wiring = wirings.find((w) => w.unitId === unit.id);
  const work = works.find((w) => w.jobId === job.id);
  const own = photos.filter((p) => p.unitId === unit.id && (p.of === "as-found" || p.of === "as-built" || p.of === "diagram"));
  const small = async (photo: Photo): Promise<Pattern["photos"][number] | null> => {
    const bytes = await store.blobs(photo.id);
    const made = bytes === undefined ? null : await shrinkPhoto(new Blob([bytes]), PATTERN_PHOTO_SIDE);
    if (made === null) return null;
    const jpeg = btoa(Array.from(made.bytes, (byte) => String.fromCharCode(byte)).join(""));
    return { of: photo.of, across: made.across, down: made.down, jpeg };
  };
  const keep = async (): Promise<void> => {
    const chosen = await Promise.all(own.filter((p) => ticked.has(p.id)).map(small));
    const read = chosen.filter((p) => p !== null);
    setFailed(read.length < chosen.length);
    if (read.length < chosen.length) return;
    const kit = wiring === undefined ? [] : plan.kit.map(({ what, color, needed, spare }) => ({ what, color, needed, spare }));
    await commit(keepPatternCommit(known, job, unit, wiring, work, { kit, photos: read }));
  };
  return (
    <>
      {own.length > 0 && (
        <fieldset className="py-1">
          <legend className="font-semibold">{LIBRARY.photos}</legend>
          <p className="text-ink2">{LIBRARY.photosHelp(PATTERN_PHOTOS)}</p>
          {own.map((photo, k) => (
            <Tick
              key={photo.id}
              label={LIBRARY.photo(PHOTO_WORDS.of[photo.of], k + 1)}
              ticked={ticked.has(photo.id)}
              onChange={(yes) => {
                const next = new Set(ticked);
                if (!yes) next.delete(photo.id);
                else if (next.size < PATTERN_PHOTOS) next.add(photo.id);
                setTicked(next);
              }}
            />
          ))}
        </fieldset>
      )}
      <RoofButton onClick={() => void keep()}>
        {known === undefined ? LIBRARY.keep(unit.model) : LIBRARY.keepMore(known.model, Object.keys(known.works).length)}
      </RoofButton>
      {failed && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {LIBRARY.notKept}
        </p>
      )}
    </>
  );
}
