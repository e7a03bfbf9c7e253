export { type Crimp, crimpColor, type Room, type WireEnd, wireEnds } from "./ends.ts";
export { terminalKit } from "./kit.ts";
