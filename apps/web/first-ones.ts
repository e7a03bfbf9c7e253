/** What a bundler knows of a module. */
interface Graph {
  readonly getModuleInfo: (id: string) => { readonly importedIds: readonly string[] } | null;
}

/** Packages whose one entry names everything they have: what of it is needed first is not known from there. */
const SHELVES = /\/node_modules\/radix-ui\/|\/packages\/(core|cases)\/src\/([^/]+\/)+index\.ts$/;

/**
 * Names the chunk of all that an entry needs before it runs: one file comes over a thin line sooner
 * than sixty small ones, each with headers of its own.
 */
export function firstOnes(entry: string): (id: string, graph: Graph) => string | null {
  const first = new Set<string>();
  const reach = (id: string, graph: Graph): void => {
    if (first.has(id) || SHELVES.test(id)) return;
    first.add(id);
    for (const next of graph.getModuleInfo(id)?.importedIds ?? []) reach(next, graph);
  };
  return (id, graph) => {
    if (first.size === 0) reach(entry, graph);
    return first.has(id) ? "first" : null;
  };
}
