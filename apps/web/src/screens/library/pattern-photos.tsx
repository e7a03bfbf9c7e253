import type { Pattern } from "@amp-saver/records";
import { useEffect, useState } from "react";
import { LIBRARY } from "../../words/library.ts";
import { PHOTO_WORDS } from "../../words/photos.ts";

/** The small pictures that were kept with a model. */
export function PatternPhotos({ pattern }: { readonly pattern: Pattern }) {
  const [urls, setUrls] = useState<readonly string[]>([]);
  useEffect(() => {
    const made = pattern.photos.map(({ jpeg }) => {
      const bytes = Uint8Array.from(atob(jpeg), (letter) => letter.charCodeAt(0));
      return URL.createObjectURL(new Blob([bytes], { type: "image/jpeg" }));
    });
    setUrls(made);
    return () => {
      for (const url of made) URL.revokeObjectURL(url);
    };
  }, [pattern.photos]);
  return (
    <div className="flex flex-wrap gap-2 py-1">
      {urls.map((url, k) => (
        <img
          key={url}
          src={url}
          alt={LIBRARY.picture(PHOTO_WORDS.of[pattern.photos[k]?.of ?? "other"], pattern.model)}
          className="edge max-h-[220px] max-w-full"
        />
      ))}
    </div>
  );
}
