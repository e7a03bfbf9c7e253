import jsQR from "jsqr";
import { useEffect, useRef, useState } from "react";
import { PAIR } from "../../words/pair.ts";

const LOOK_MS = 200;

/** Reads a picture code by the camera, on this device. */
export function ScanCode({ onCode }: { readonly onCode: (text: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const found = useRef(onCode);
  found.current = onCode;
  const [refused, setRefused] = useState(false);
  useEffect(() => {
    let stream: MediaStream | null = null;
    let gone = false;
    const canvas = document.createElement("canvas");
    const context = canvas.getContext("2d", { willReadFrequently: true });
    const look = (): void => {
      const shown = video.current;
      if (shown === null || context === null || shown.videoWidth === 0) return;
      canvas.width = shown.videoWidth;
      canvas.height = shown.videoHeight;
      context.drawImage(shown, 0, 0);
      const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
      const code = jsQR(data, width, height);
      if (code !== null && code.data !== "") found.current(code.data);
    };
    const timer = setInterval(look, LOOK_MS);
    const asked = navigator.mediaDevices?.getUserMedia({ video: { facingMode: "environment" } });
    void (asked ?? Promise.reject(new Error("no camera"))).then(
      (got) => {
        stream = got;
        if (gone) for (const track of got.getTracks()) track.stop();
        else if (video.current !== null) video.current.srcObject = got;
      },
      () => setRefused(true),
    );
    return () => {
      gone = true;
      clearInterval(timer);
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
  }, []);
  if (refused) return <p role="alert">{PAIR.noCamera}</p>;
  return (
    <>
      <p role="status">{PAIR.scanning}</p>
      <video ref={video} autoPlay playsInline muted className="w-full max-w-[360px] border-[1.5px] border-ink" />
    </>
  );
}
