import { fail, type Result } from "../../quantity/index.ts";
import { DivergedError } from "./simulate.ts";

/** What a simulation gave, or that the figures of its circuit cannot belong together: no step follows them. */
export function computed<T, F extends string>(simulated: () => Result<T, F>): Result<T, F | "not-computable"> {
  try {
    return simulated();
  } catch (error) {
    if (error instanceof DivergedError) return fail("not-computable", "unit");
    throw error;
  }
}
