import { PHOTO_MOST_SIDE, type Photo, TEXT_MOST } from "@amp-saver/records";
import { useRef, useState } from "react";
import { addPhotoCommit, deletePhotoCommit, editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { usePicture } from "../../store/use-picture.ts";
import { Button } from "../../ui/button.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { shrinkPhoto } from "../../ui/shrink-photo.ts";
import { TextField } from "../../ui/text-field.tsx";
import { useStayGuard } from "../../ui/use-stay-guard.ts";
import { PHOTO_WORDS } from "../../words/photos.ts";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";

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
  /** Reads what stands on a photo, where that is offered: once one of a plate is kept, and whenever it is asked. */
  readonly onRead?: (id: string) => void;
}

/** Photos of a unit: taken or chosen, looked at, noted, deleted. */
export function Photos({ bundle: { job, unit, photos }, title = PHOTO_WORDS.title, subjects, step, onKept, onRead }: PhotosProps) {
  const { commit, keepBlob } = useStore();
  const picker = useRef<HTMLInputElement>(null);
  const [subject, setSubject] = useState<Photo["of"]>("plate");
  const [refused, setRefused] = useState<string | null>(null);
  const [opened, setOpened] = useState<string | null>(null);
  const own = photos.filter(
    (p) => p.unitId === unit.id && subjects.includes(p.of) && (step === undefined || p.step === undefined || p.step === step),
  );
  const shown = own.find((p) => p.id === opened);
  const [underWay, setUnderWay] = useState(0);
  useStayGuard(underWay > 0);
  const take = async (file: File): Promise<void> => {
    const shrunk = await shrinkPhoto(file, PHOTO_MOST_SIDE);
    setRefused(shrunk === null ? PHOTO_WORDS.refused(file.name) : null);
    if (shrunk === null) return;
    const made = addPhotoCommit(job, subject, {
      across: shrunk.across,
      down: shrunk.down,
      bytes: shrunk.bytes.length,
      ...(step !== undefined && { step }),
    });
    const kept = await keepBlob(made.id, shrunk.bytes);
    if (!kept.ok) return;
    const done = await commit(made.commit);
    if (!done.ok) return;
    onKept?.();
    if (subject === "plate") onRead?.(made.id);
  };
  return (
    <section className="mt-5 max-w-[720px]">
      <SectionHeading>{title}</SectionHeading>
      <div className="flex flex-wrap gap-2 py-2">
        {subjects.map((of) => (
          <Button
            key={of}
            onClick={() => {
              setSubject(of);
              picker.current?.click();
            }}
          >
            {PHOTO_WORDS.take[of]}
          </Button>
        ))}
        <input
          ref={picker}
          type="file"
          accept="image/*"
          className="sr-only"
          tabIndex={-1}
          aria-label={PHOTO_WORDS.file}
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file === undefined) return;
            setUnderWay((n) => n + 1);
            void take(file).finally(() => setUnderWay((n) => n - 1));
          }}
        />
      </div>
      <p role="status">{underWay > 0 && PHOTO_WORDS.underWay(underWay)}</p>
      {refused !== null && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {refused}
        </p>
      )}
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
