import { portConformance } from "../conformance.ts";
import { Bench, DEMO_SETUP, SimulatedPort } from "./index.ts";

const AT = "2031-02-01T10:20:30.000Z";

portConformance("the bench itself", () => {
  const port = new SimulatedPort(new Bench(DEMO_SETUP), AT);
  return Promise.resolve({
    port,
    advance: (seconds) => Promise.resolve(port.advance(seconds, AT)),
    hand: (command) => {
      port.bench.hand(command);
      return Promise.resolve();
    },
    close: () => Promise.resolve(),
  });
});
