import { itemAt } from "@amp-saver/core/quantity";
import type { WaveLog } from "./log.ts";

/** Largest number an ASCII sample may be; one above it stands for a missing one. */
const MOST = 99998;

/** Writes a record as COMTRADE 1999 in ASCII: configuration and data. Channels are scaled so that none loses more than half of 1/99,998 of its size. */
export function writeComtrade(log: WaveLog, station: string, startedAt: Date): { readonly config: string; readonly data: string } {
  const scaled = log.channels.map((channel) => {
    let most = 0;
    for (const value of channel.values) most = Math.max(most, Math.abs(value));
    return { ...channel, a: most === 0 ? 1 : most / MOST };
  });
  const samples = log.channels[0]?.values.length ?? 0;
  const when = stamp(startedAt);
  const config = [
    `${plain(station)},amp-saver,1999`,
    `${scaled.length},${scaled.length}A,0D`,
    ...scaled.map(({ name, unit, a }, k) => `${k + 1},${plain(name)},,,${plain(unit)},${a},0,0,${-MOST},${MOST},1,1,P`),
    String(log.lineHz ?? 60),
    "1",
    `${log.sampleHz},${samples}`,
    when,
    when,
    "ASCII",
    "1",
    "",
  ].join("\r\n");
  const rows: string[] = [];
  for (let i = 0; i < samples; i++) {
    const values = scaled.map(({ values: v, a }) => Math.round(itemAt(v, i) / a));
    rows.push(`${i + 1},${Math.round((i / log.sampleHz) * 1e6)},${values.join(",")}`);
  }
  return { config, data: `${rows.join("\r\n")}\r\n` };
}

/** A name without what would end its field. */
function plain(text: string): string {
  return text
    .replace(/[,\r\n]/g, " ")
    .trim()
    .slice(0, 64);
}

/** Day, month, year and time to the microsecond, in UTC, as the standard writes it. */
function stamp(at: Date): string {
  const [date = "", time = ""] = at.toISOString().split("T");
  const [year, month, day] = date.split("-");
  return `${day}/${month}/${year},${time.slice(0, 12)}000`;
}
