export { CRIMPS, type Crimp, crimpColor, type Room, type WireEnd, wireEnds } from "./ends.ts";
export { type KitLine, terminalKit } from "./kit.ts";
