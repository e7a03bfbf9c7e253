export { type Before, type Crimp, crimpColor, genderOf, MEETS, OWN_ENDS, type Room, type WireEnd, wireEnds } from "./ends.ts";
export { terminalKit } from "./kit.ts";
