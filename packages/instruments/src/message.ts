import { z } from "zod";

/** Kinds of instrument. A bridge to a real one speaks for one of these. */
export const INSTRUMENT_KINDS = ["clamp", "multimeter", "starter-link", "generator-panel"] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];

const id = z.string().regex(/^[a-z0-9-]{1,40}$/);
const figure = z.number().min(-1e6).max(1e6).nullable();

/** One instrument that answers; simulated ones say so. */
export const instrumentSchema = z.strictObject({
  id,
  kind: z.literal(INSTRUMENT_KINDS),
  name: z.string().min(1).max(80),
  simulated: z.boolean(),
});
export type Instrument = z.infer<typeof instrumentSchema>;

export const CLAMP_MODES = ["live", "max-hold", "inrush"] as const;
export const METER_RANGES = ["ohm", "continuity", "volts", "volts-low-impedance", "dc-volts", "capacitance"] as const;
export const METER_UNITS = ["ohm", "V", "µF"] as const;
export const LINK_STATUSES = ["idle", "delay", "starting", "running", "fault"] as const;

/** What an instrument shows. A figure it does not have is null: dashes on its display. */
export const displaySchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("clamp"), mode: z.literal(CLAMP_MODES), amps: figure, resolutionA: z.number().positive().max(10) }),
  z.strictObject({
    kind: z.literal("multimeter"),
    range: z.literal(METER_RANGES),
    value: figure,
    unit: z.literal(METER_UNITS),
    beeps: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal("starter-link"),
    status: z.literal(LINK_STATUSES),
    liveA: figure,
    lastPeakA: figure,
    learned: z.number().int().min(0).max(10_000),
    code: z.string().max(20).nullable(),
  }),
  z.strictObject({
    kind: z.literal("generator-panel"),
    running: z.boolean(),
    watts: figure,
    overload: z.literal(["none", "warning", "shut-down"]),
    eco: z.boolean(),
    fuelShare: z.number().min(0).max(1).nullable(),
  }),
]);
export type Display = z.infer<typeof displaySchema>;
export type DisplayOf<K extends InstrumentKind> = Extract<Display, { kind: K }>;

/** What is sent whenever a display changes; `seq` rises by one with each message of a stream. */
export const eventSchema = z.strictObject({ seq: z.number().int().min(1), id, at: z.iso.datetime(), display: displaySchema });
export type InstrumentEvent = z.infer<typeof eventSchema>;

/** What can be asked of an instrument. */
export const commandSchema = z.discriminatedUnion("do", [
  z.strictObject({ do: z.literal("mode"), mode: z.literal(CLAMP_MODES) }),
  z.strictObject({ do: z.literal("clear") }),
  z.strictObject({ do: z.literal("range"), range: z.literal(METER_RANGES) }),
  z.strictObject({ do: z.literal("forget") }),
  z.strictObject({ do: z.literal("eco"), on: z.boolean() }),
  z.strictObject({ do: z.literal("restart") }),
]);
export type InstrumentCommand = z.infer<typeof commandSchema>;

/** Which commands each kind takes. */
export const COMMANDS_OF: Readonly<Record<InstrumentKind, readonly InstrumentCommand["do"][]>> = {
  clamp: ["mode", "clear"],
  multimeter: ["range"],
  "starter-link": ["forget"],
  "generator-panel": ["eco", "restart"],
};
