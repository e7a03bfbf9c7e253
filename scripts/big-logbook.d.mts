/** Writes a rig file with this many jobs, made from the demo's records. */
export function bigLogbook(demo: readonly object[], jobs: number): object;
