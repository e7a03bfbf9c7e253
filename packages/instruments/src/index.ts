export {
  CLAMP_MODES,
  COMMANDS_OF,
  commandSchema,
  type Display,
  type DisplayOf,
  displaySchema,
  eventSchema,
  INSTRUMENT_KINDS,
  type Instrument,
  type InstrumentCommand,
  type InstrumentEvent,
  type InstrumentKind,
  instrumentSchema,
  LINK_STATUSES,
  METER_RANGES,
  METER_UNITS,
} from "./message.ts";
export { type Connection, type InstrumentPort, type Listener, PORT_FAILURES, type PortFailure } from "./port.ts";
