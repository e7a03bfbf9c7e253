import { PHOTO_MOST_SIDE, type Photo } from "@amp-saver/records";
import { useState } from "react";
import { addPhotoCommit } from "../../store/evidence-commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { FileButton } from "../../ui/file-button.tsx";
import { shrinkPhoto } from "../../ui/shrink-photo.ts";
import { useStayGuard } from "../../ui/use-stay-guard.ts";
import { PHOTO_WORDS } from "../../words/photos.ts";

interface TakePhotoProps {
  readonly bundle: JobBundle;
  /** What may be photographed here, in the order of its buttons. */
  readonly subjects: readonly Photo["of"][];
  /** The step of the plan that is photographed. */
  readonly step?: string | undefined;
  /** Whether it is what is asked for now: as large as whatever else is done on a roof. */
  readonly large?: boolean;
  /** Called once a photo is kept. */
  readonly onKept?: (() => void) | undefined;
  /** Called with a photo of a plate once it is kept. */
  readonly onRead?: ((id: string) => void) | undefined;
}

/** Takes a photo of a job's unit, or has one chosen. */
export function TakePhoto({ bundle: { job }, subjects, step, large = false, onKept, onRead }: TakePhotoProps) {
  const { commit, keepBlob } = useStore();
  const [refused, setRefused] = useState<string | null>(null);
  const [underWay, setUnderWay] = useState(0);
  useStayGuard(underWay > 0);
  const take = async (subject: Photo["of"], file: File): Promise<void> => {
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
    <>
      <div className={large ? "grid gap-2" : "flex flex-wrap gap-2 py-2"}>
        {subjects.map((of) => (
          <FileButton
            key={of}
            label={PHOTO_WORDS.take[of]}
            fieldLabel={PHOTO_WORDS.file}
            accept="image/*"
            large={large}
            onFile={(file) => {
              setUnderWay((n) => n + 1);
              void take(of, file).finally(() => setUnderWay((n) => n - 1));
            }}
          />
        ))}
      </div>
      <p role="status">{underWay > 0 && PHOTO_WORDS.underWay(underWay)}</p>
      {refused !== null && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {refused}
        </p>
      )}
    </>
  );
}
