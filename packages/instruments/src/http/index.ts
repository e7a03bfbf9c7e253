export { HttpPort, post } from "./client.ts";
export { type Sharing, shareStream } from "./shared-stream.ts";
export type { OpenStream, Stream } from "./stream.ts";
