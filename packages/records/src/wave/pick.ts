import { fail, itemAt, ok, present, type Result } from "@amp-saver/core/quantity";
import { mostlyMissing, scaleOf, type WaveFailure, type WaveLog } from "./log.ts";

/** Which channels are amps and volts, from 0; a probe's volts count with its amps per volt. What is left out is the first of its kind. */
export interface ChannelPick {
  readonly amps?: number;
  readonly perVolt?: number;
  /** Null for none. */
  readonly volts?: number | null;
}

/** Amps and volts of a log, in those units. */
export interface PickedChannels {
  readonly amps: Float64Array;
  readonly volts: Float64Array | null;
}

/** Takes amps and volts from the channels of a log. */
export function pickChannels(log: WaveLog, pick: ChannelPick = {}): Result<PickedChannels, WaveFailure> {
  const { channels } = log;
  const isOf = (k: number, of: "amps" | "volts"): boolean => scaleOf(channels[k]?.unit ?? "")?.of === of;
  const first = (of: "amps" | "volts"): number => channels.findIndex((c, k) => isOf(k, of) && !mostlyMissing(c.values));
  const amps = pick.amps ?? first("amps");
  const channel = channels[amps];
  const scale = scaleOf(channel?.unit ?? "");
  const probe = scale?.of === "volts";
  if (channel === undefined || scale === null || (probe && !(pick.perVolt !== undefined && pick.perVolt > 0)))
    return fail("no-amps", channel?.name || "channels");
  if (mostlyMissing(channel.values)) return fail("bad-number", channel.name || "channels");
  const volts =
    pick.volts === undefined
      ? channels.findIndex((c, k) => k !== amps && isOf(k, "volts") && !mostlyMissing(c.values))
      : (pick.volts ?? -1);
  const scaled = (k: number, factor: number): Float64Array => itemAt(channels, k).values.map((v) => v * factor);
  const voltsScale = scaleOf(channels[volts]?.unit ?? "");
  return ok({
    amps: scaled(amps, scale.factor * (probe ? present(pick.perVolt) : 1)),
    volts: voltsScale?.of === "volts" ? scaled(volts, voltsScale.factor) : null,
  });
}
