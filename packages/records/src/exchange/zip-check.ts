import { itemAt } from "@amp-saver/core/quantity";
/** What the directory of an archive says of one file in it. */
export interface ZipEntry {
  readonly name: string;
  readonly crc: number;
  readonly bytes: number;
}

/** Marks of the parts of an archive, and how long their fixed heads are. Source: the ZIP application note 6.3.10, sections 4.3.7, 4.3.12 and 4.3.16, from memory. */
const LOCAL = { mark: 0x04034b50, head: 30 } as const;
const CENTRAL = { mark: 0x02014b50, head: 46 } as const;
const END = { mark: 0x06054b50, head: 22 } as const;
/** Flag of a file whose checksum and size follow its bytes. */
const FOLLOWS = 0x0008;

/**
 * The directory of an archive, when everything in it agrees: as many files as it says, each where it says, under
 * the same name and with the same checksum and size there. Null where anything does not.
 */
export function zipDirectory(bytes: Uint8Array): readonly ZipEntry[] | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const end = bytes.length - END.head;
  if (end < 0 || view.getUint32(end, true) !== END.mark) return null;
  const [count, size, start] = [view.getUint16(end + 10, true), view.getUint32(end + 12, true), view.getUint32(end + 16, true)];
  if (count !== view.getUint16(end + 8, true) || start + size !== end) return null;
  const entries: ZipEntry[] = [];
  let at = start;
  for (let k = 0; k < count; k++) {
    if (at + CENTRAL.head > end || view.getUint32(at, true) !== CENTRAL.mark) return null;
    const lengths = [28, 30, 32].map((offset) => view.getUint16(at + offset, true));
    const next = at + CENTRAL.head + lengths.reduce((sum, n) => sum + n, 0);
    if (next > end) return null;
    const name = bytes.subarray(at + CENTRAL.head, at + CENTRAL.head + itemAt(lengths, 0));
    if (!agreesWithLocal(view, bytes, at, name, start)) return null;
    entries.push({ name: new TextDecoder().decode(name), crc: view.getUint32(at + 16, true), bytes: view.getUint32(at + 24, true) });
    at = next;
  }
  return at === end ? entries : null;
}

/** Whether a file's own head says what the directory says of it. */
function agreesWithLocal(view: DataView, bytes: Uint8Array, central: number, name: Uint8Array, most: number): boolean {
  const at = view.getUint32(central + 42, true);
  if (at + LOCAL.head + name.length > most || view.getUint32(at, true) !== LOCAL.mark) return false;
  if (view.getUint16(at + 26, true) !== name.length || view.getUint16(at + 8, true) !== view.getUint16(central + 10, true)) return false;
  if (!name.every((byte, k) => bytes[at + LOCAL.head + k] === byte)) return false;
  if ((view.getUint16(at + 6, true) & FOLLOWS) !== 0) return true;
  return [14, 18, 22].every((offset) => view.getUint32(at + offset, true) === view.getUint32(central + offset + 2, true));
}

/** Reversed polynomial of the checksum that archives use. Source: ISO 3309, from memory. */
const POLYNOMIAL = 0xedb88320;
const TABLE = Uint32Array.from({ length: 256 }, (_, byte) => {
  let value = byte;
  for (let bit = 0; bit < 8; bit++) value = (value & 1) === 1 ? (value >>> 1) ^ POLYNOMIAL : value >>> 1;
  return value;
});

/** CRC-32 of bytes. */
export function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (const byte of bytes) crc = itemAt(TABLE, (crc ^ byte) & 0xff) ^ (crc >>> 8);
  return (crc ^ 0xffffffff) >>> 0;
}
