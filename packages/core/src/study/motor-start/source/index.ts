import type { Source } from "../input.ts";
import { alternatorModel } from "./alternator-set.ts";
import { circuitModel } from "./circuit.ts";
import { electronicModel } from "./electronic.ts";
import type { SourceModel } from "./model.ts";

export type { SourceEquations, SourceModel } from "./model.ts";

/** The model of a source: everything the studies ask of it. */
export function modelOf(source: Source): SourceModel {
  switch (source.kind) {
    case "circuit":
      return circuitModel(source);
    case "electronic":
      return electronicModel(source);
    case "alternator":
      return alternatorModel(source);
  }
}
