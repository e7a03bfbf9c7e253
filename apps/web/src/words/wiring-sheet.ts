/** Words of the printed plan. */
export const SHEET = {
  title: (rig: string, unit: string): string => `Wiring plan: ${rig}, ${unit}`,
  starter: (name: string | null, family: string): string => `${name === null ? "Starter" : name}: ${family}.`,
  foot: (title: string, page: string, pages: string): string =>
    `${title} · page ${page} of ${pages} · common practice, no source, unless named; the makers’ sheets and the local code come first`,
  marks:
    "Black square tags are the can’s terminals, round pins the compressor’s. Green ground wires are not drawn; they stay where they are.",
  proofs: "Proof before anything is opened or cut",
  proof: (wire: string, released: boolean, by: "proofs" | "override" | null, reason: string | null): string =>
    released
      ? `${wire}: ${by === "proofs" ? "two proofs and a photo" : `released for a reason: ${reason ?? ""}`}`
      : `${wire}: not yet released`,
  crimpHeads: ["Wire", "End", "Colour", "AWG", "Made", "Pull"],
  on: (terminal: string): string => `, on ${terminal}`,
} as const;
