import { toDataURL } from "qrcode";
import { useEffect, useState } from "react";

/** A text as a picture that another phone's camera reads. */
export function PictureCode({ text, label }: { readonly text: string; readonly label: string }) {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    void toDataURL(text, { errorCorrectionLevel: "L", margin: 3, width: 360 }).then((made) => {
      if (!gone) setUrl(made);
    });
    return () => {
      gone = true;
    };
  }, [text]);
  return url === null ? null : <img src={url} alt={label} className="w-full max-w-[360px] border-[1.5px] border-ink" />;
}
