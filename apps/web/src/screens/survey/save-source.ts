/** Keeps some fields of a source; `field` names what is being typed in. */
export type SaveSource = (change: object, field: string) => void;
