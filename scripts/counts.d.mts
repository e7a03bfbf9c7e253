/** What the code counts of each figure, with the places. */
export interface Counts {
  readonly files: number;
  readonly lines: number;
  readonly casts: readonly string[];
  readonly throughUnknown: readonly string[];
  readonly nonNull: readonly string[];
  readonly sourceKinds: readonly string[];
}

/** Counts the code under a folder that ends with a slash; the repository itself where none is named. */
export function counts(root?: string): Counts;
