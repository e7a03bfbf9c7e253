/** Names of a table's rows, in the order they were written. Of a table alone: another object may have more at run time than its type says. */
export const keysOf = <K extends string>(table: { readonly [P in K]?: unknown }): readonly K[] => Object.keys(table) as K[];

/** A table made row by row. */
export function tableOf<K extends string, V>(names: readonly K[], row: (name: K) => V): Record<K, V> {
  return Object.fromEntries(names.map((name) => [name, row(name)])) as Record<K, V>;
}

/** An object whose fields are defined, or are not there. */
export type Defined<T> = { [K in keyof T]?: Exclude<T[K], undefined> };

/** Leaves out the fields that are undefined. */
export function withoutUndefined<T extends object>(object: T): Defined<T> {
  return Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined)) as Defined<T>;
}

/** A row of a table by a name that may not be in it. */
export function rowOf<V>(table: Readonly<Record<string, V>>, name: string): V | undefined {
  return Object.hasOwn(table, name) ? table[name] : undefined;
}
