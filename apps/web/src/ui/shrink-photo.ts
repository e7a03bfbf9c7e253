/** A picture as it is kept: JPEG, no side longer than asked, nothing of place or camera in it. */
export interface Shrunk {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly across: number;
  readonly down: number;
}

const QUALITY = 0.82;

/** Draws a picture file anew at most `mostSide` pixels long; null where the browser cannot read it as a picture. */
export async function shrinkPhoto(file: Blob, mostSide: number): Promise<Shrunk | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return null;
  const scale = Math.min(1, mostSide / Math.max(picture.width, picture.height));
  const across = Math.max(1, Math.round(picture.width * scale));
  const down = Math.max(1, Math.round(picture.height * scale));
  const canvas = document.createElement("canvas");
  canvas.width = across;
  canvas.height = down;
  canvas.getContext("2d")?.drawImage(picture, 0, 0, across, down);
  picture.close();
  const blob = await new Promise<Blob | null>((settle) => canvas.toBlob(settle, "image/jpeg", QUALITY));
  return blob === null ? null : { bytes: new Uint8Array(await blob.arrayBuffer()), across, down };
}
