/** Text of a file in UTF-8 or UTF-16, told by its first bytes; what cannot be read so is taken letter by letter. */
export function textOf(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  const nulls = bytes.subarray(0, 400).filter((b) => b === 0).length;
  if (nulls > 100) return new TextDecoder(bytes[0] === 0 ? "utf-16be" : "utf-16le").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}
