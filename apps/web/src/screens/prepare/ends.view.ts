import { keysOf } from "@amp-saver/core/quantity";
import { SPLICES } from "@amp-saver/core/reference";

/** Every kind of joint with what it is good for. */
export function spliceRows() {
  return keysOf(SPLICES).map((name) => ({ name, ...SPLICES[name] }));
}
