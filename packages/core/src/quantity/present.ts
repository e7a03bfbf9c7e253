/** The item of a list that is known to be there; throws where it is not. */
export function itemAt<T>(list: { readonly length: number; readonly [index: number]: T }, index: number): T {
  const item = list[index];
  if (item === undefined) throw new RangeError(`no item ${index} among ${list.length}`);
  return item;
}

/** A value that is known to be there; throws where it is not. */
export function present<T>(value: T): NonNullable<T> {
  if (value === undefined || value === null) throw new TypeError("a value that must be there is not");
  return value;
}
