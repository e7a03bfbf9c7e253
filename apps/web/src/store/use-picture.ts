import { useEffect, useState } from "react";
import { useStore } from "./provider.tsx";

/** Address of a photo's pixels or a note's sound; undefined while reading, null where this device has none. */
export function usePicture(id: string, type = "image/jpeg"): string | null | undefined {
  const { store } = useStore();
  const [url, setUrl] = useState<string | null | undefined>(undefined);
  useEffect(() => {
    let made: string | null = null;
    let gone = false;
    void store.blobs(id).then((bytes) => {
      if (gone) return;
      made = bytes === undefined ? null : URL.createObjectURL(new Blob([bytes], { type }));
      setUrl(made);
    });
    return () => {
      gone = true;
      if (made !== null) URL.revokeObjectURL(made);
    };
  }, [store, id, type]);
  return url;
}
