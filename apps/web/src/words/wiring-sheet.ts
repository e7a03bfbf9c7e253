/** Words of the printed plan. */
export const SHEET = {
  title: (rig: string, unit: string): string => `Wiring plan: ${rig}, ${unit}`,
  starter: (name: string | null, family: string): string => `${name === null ? "Starter" : name}: ${family}.`,
  foot: (title: string, page: string, pages: string): string =>
    `${title} · page ${page} of ${pages} · common practice, no source, unless named; the makers’ sheets and the local code come first`,
  marks: "Black squares are the run cap’s terminals, circles the compressor’s. Green ground wires are not drawn; they stay where they are.",
  proofs: "Prove before you open or cut",
  proof: (wire: string, released: boolean, by: "proofs" | "override" | null, reason: string | null): string =>
    released
      ? `${wire}: ${by === "proofs" ? "two proofs and a photo" : `released for a reason: ${reason ?? ""}`}`
      : `${wire}: not yet released`,
  crimpHeads: ["Wire", "End"],
  on: (terminal: string): string => `, on ${terminal}`,
} as const;
