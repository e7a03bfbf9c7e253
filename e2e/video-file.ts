/** A gray picture, row by row, as an endless video of one frame: YUV4MPEG2, which Chromium plays as its camera. */
export function videoFile(gray: Uint8Array, across: number, down: number): Buffer {
  if (gray.length !== across * down) throw new Error("the picture does not fill its frame");
  const noColor = Buffer.alloc((across * down) / 2, 128);
  return Buffer.concat([Buffer.from(`YUV4MPEG2 W${across} H${down} F10:1 Ip A1:1 C420jpeg\nFRAME\n`), gray, noColor]);
}
