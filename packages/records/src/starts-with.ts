/** Whether a file has these bytes at a place. */
export function startsWith(file: Uint8Array, at: number, bytes: readonly number[]): boolean {
  return bytes.every((byte, n) => file[at + n] === byte);
}
