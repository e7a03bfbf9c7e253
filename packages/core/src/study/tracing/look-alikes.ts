import type { Conductor, Netlist } from "../../network/index.ts";

/** Other conductors of the same insulation; those of the same gauge first, as nothing but tracing tells them apart. */
export function lookAlikes({ conductors }: Netlist, id: string): readonly { readonly conductor: Conductor; readonly sameGauge: boolean }[] {
  const own = conductors.find((c) => c.id === id);
  if (own === undefined) return [];
  const base = plain(own.color);
  return conductors
    .filter((c) => c.id !== id && plain(c.color) === base)
    .map((conductor) => ({ conductor, sameGauge: conductor.awg === own.awg }))
    .toSorted((a, b) => Number(b.sameGauge) - Number(a.sameGauge));
}

function plain(color: string): string {
  return color.trim().toLowerCase().replaceAll(/\s+/g, " ");
}
