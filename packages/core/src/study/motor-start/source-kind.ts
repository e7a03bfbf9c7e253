/** What a kind of source, as it is given, is by its nature. */
interface SourceTraits {
  /** Fed by the grid: a breaker limits it, no watts are rated. */
  readonly circuit: boolean;
  /** An engine makes its power, and loses to height, heat and fuel. */
  readonly engine: boolean;
  /** A second one of its make can run in parallel. */
  readonly parallels: boolean;
}

const TRAITS = {
  ideal: { circuit: true, engine: false, parallels: false },
  shore: { circuit: true, engine: false, parallels: false },
  "inverter-generator": { circuit: false, engine: true, parallels: true },
  inverter: { circuit: false, engine: false, parallels: false },
  generator: { circuit: false, engine: true, parallels: false },
} as const satisfies Record<string, SourceTraits>;

/** The kinds of sources a case may name. */
type SourceKind = keyof typeof TRAITS;
type KindsThat<T extends keyof SourceTraits> = { [K in SourceKind]: (typeof TRAITS)[K][T] extends true ? K : never }[SourceKind];
type Kinded = { readonly kind: SourceKind };
type ThatIs<S extends Kinded, T extends keyof SourceTraits> = S & { readonly kind: KindsThat<T> };

/** Whether a source is a circuit of the grid. */
export function isCircuit<S extends Kinded>(source: S): source is ThatIs<S, "circuit"> {
  return TRAITS[source.kind].circuit;
}

/** Whether an engine makes a source's power. */
export function isEngine<S extends Kinded>(source: S): source is ThatIs<S, "engine"> {
  return TRAITS[source.kind].engine;
}

/** Whether a second one of a source's make can run in parallel. */
export function canParallel<S extends Kinded>(source: S): source is ThatIs<S, "parallels"> {
  return TRAITS[source.kind].parallels;
}
