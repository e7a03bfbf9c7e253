export { type Crimp, crimpColor, genderOf, OWN_ENDS, type Room, type WireEnd, wireEnds } from "./ends.ts";
export { terminalKit } from "./kit.ts";
