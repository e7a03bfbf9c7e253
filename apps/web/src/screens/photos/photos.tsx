import { type Photo, TEXT_MOST } from "@amp-saver/records";
import { useState } from "react";
import { editCommit } from "../../store/commands.ts";
import { deletePhotoCommit } from "../../store/evidence-commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { usePicture } from "../../store/use-picture.ts";
import { Button } from "../../ui/button.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { PHOTO_WORDS } from "../../words/photos.ts";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";
import { TakePhoto } from "./take-photo.tsx";

interface PhotosProps {
  readonly bundle: JobBundle;
  /** Heading, where it is not photos in general. */
  readonly title?: string;
  /** What may be photographed here, in the order of its buttons. */
  readonly subjects: readonly Photo["of"][];
  /** The step of the plan that is photographed here; photos of no step in particular are shown with every one. */
  readonly step?: string;
  /** Called once a photo is kept. */
  readonly onKept?: () => void;
  /** Where photos are taken elsewhere on the page, they are only shown here. */
  readonly onlyShown?: boolean;
  /** Reads what stands on a photo, where that is offered: once one of a plate is kept, and whenever it is asked. */
  readonly onRead?: (id: string) => void;
}

/** Photos of a unit: taken or chosen, looked at, noted, deleted. */
export function Photos({ bundle, title = PHOTO_WORDS.title, subjects, step, onKept, onRead, onlyShown = false }: PhotosProps) {
  const { unit, photos } = bundle;
  const { commit } = useStore();
  const [opened, setOpened] = useState<string | null>(null);
  const own = photos.filter(
    (p) => p.unitId === unit.id && subjects.includes(p.of) && (step === undefined || p.step === undefined || p.step === step),
  );
  const shown = own.find((p) => p.id === opened);
  return (
    <section className="mt-5 max-w-[720px]">
      <SectionHeading>{title}</SectionHeading>
      {!onlyShown && <TakePhoto bundle={bundle} subjects={subjects} step={step} onKept={onKept} onRead={onRead} />}
      {own.length > 0 && (
        <ul className="flex flex-wrap gap-2 py-1">
          {own.map((photo, k) => (
            <li key={photo.id}>
              <button type="button" className="edge block bg-face p-1" onClick={() => setOpened(photo.id)}>
                <Picture photo={photo} name={nameOf(photo, k)} small />
                <span className="block max-w-[112px] truncate px-0.5 pt-0.5 text-small">{photo.note || PHOTO_WORDS.of[photo.of]}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <Sheet open={shown !== undefined} onOpenChange={() => setOpened(null)} title={shown === undefined ? "" : PHOTO_WORDS.of[shown.of]}>
        {shown !== undefined && (
          <DraftScope value={shown.id}>
            <Picture photo={shown} name={nameOf(shown, own.indexOf(shown))} />
            <TextField
              label={PHOTO_WORDS.note}
              kept={shown.note}
              most={TEXT_MOST.note}
              onText={(text) => {
                void commit(editCommit(shown, { note: text }, "note"));
                return null;
              }}
            />
            <div className="mt-3 flex flex-wrap gap-2">
              {onRead !== undefined && (
                <Button
                  onClick={() => {
                    setOpened(null);
                    onRead(shown.id);
                  }}
                >
                  {PLATE_PHOTO.read}
                </Button>
              )}
              <Button
                onClick={() => {
                  setOpened(null);
                  void commit(deletePhotoCommit(shown));
                }}
              >
                {PHOTO_WORDS.remove}
              </Button>
            </div>
          </DraftScope>
        )}
      </Sheet>
    </section>
  );
}
const nameOf = (photo: Photo, at: number): string => `${PHOTO_WORDS.of[photo.of]} ${at + 1}${photo.note === "" ? "" : `, ${photo.note}`}`;

function Picture({ photo, name, small = false }: { readonly photo: Photo; readonly name: string; readonly small?: boolean }) {
  const url = usePicture(photo.id);
  const box = small ? "h-[84px] w-[112px] object-cover" : "max-h-[60vh] w-full object-contain";
  if (url === undefined) return <span className={`block bg-bench ${box}`} />;
  if (url === null) return <span className={`grid place-items-center bg-bench p-1 text-small ${box}`}>{PHOTO_WORDS.absent}</span>;
  return <img src={url} alt={name} width={photo.across} height={photo.down} className={box} />;
}
