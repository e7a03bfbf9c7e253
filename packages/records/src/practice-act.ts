import { FAMILIES } from "@amp-saver/core/network";
import { CLAMP_MODES, COVERS, MEASURE_RANGES, PRACTICE_FAULTS, WAIT_MOST_S } from "@amp-saver/core/study/practice";
import { z } from "zod";

const id = z.string().min(1).max(80);
const at = z.string().min(1).max(100);
const seconds = z.number().min(0).max(WAIT_MOST_S);

/** Most acts of one practice. */
export const MOST_ACTS = 2000;

/** One act on the practice bench, as records and files keep it. */
export const practiceActSchema = z.discriminatedUnion("act", [
  z.strictObject({ act: z.literal("switch"), source: id, on: z.boolean() }),
  z.strictObject({ act: z.literal(["lock", "unlock"]), source: id }),
  z.strictObject({ act: z.literal(["open", "close", "search"]), cover: z.literal(COVERS) }),
  z.strictObject({ act: z.literal("measure"), range: z.literal(MEASURE_RANGES), from: at, to: at }),
  z.strictObject({ act: z.literal("bleed"), part: id, from: id, to: id, seconds }),
  z.strictObject({ act: z.literal("short"), part: id, from: id, to: id }),
  z.strictObject({ act: z.literal("lift"), conductor: id, at }),
  z.strictObject({ act: z.literal("land"), conductor: id, at }),
  z.strictObject({ act: z.literal("tug"), conductor: id, at }),
  z.strictObject({ act: z.literal("cut"), conductor: id, at, with: id }),
  z.strictObject({ act: z.literal("splice"), conductor: id, at, with: id }),
  z.strictObject({ act: z.literal("fit"), family: z.literal(FAMILIES) }),
  z.strictObject({ act: z.literal("clamp"), conductor: id.exactOptional(), at: at.exactOptional(), mode: z.literal(CLAMP_MODES) }),
  z.strictObject({ act: z.literal("call"), on: z.boolean() }),
  z.strictObject({ act: z.literal("read") }),
  z.strictObject({ act: z.literal("wait"), seconds }),
  z.strictObject({ act: z.literal("touch"), at }),
  z.strictObject({ act: z.literal("say"), code: z.literal(PRACTICE_FAULTS) }),
  z.strictObject({ act: z.literal("hint") }),
]);
