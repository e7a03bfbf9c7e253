import type { Source } from "@amp-saver/records";

/** Keeps some fields of a source, given or following from what is kept by then; `field` names what is being typed in. */
export type SaveSource = (change: object | ((kept: Source) => object), field: string) => void;
