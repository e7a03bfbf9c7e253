export { readComtradeConfig } from "./comtrade-config.ts";
export { readComtrade } from "./comtrade-read.ts";
export { writeComtrade } from "./comtrade-write.ts";
export { type CsvChoice, readCsvLog } from "./csv-read.ts";
export { type CsvLook, sniffCsv, TIME_UNITS, type TimeUnit } from "./csv-sniff.ts";
export { scaleOf, type WaveFailure, type WaveLog } from "./log.ts";
export { type ChannelPick, pickChannels } from "./pick.ts";
export { textOf } from "./text.ts";
