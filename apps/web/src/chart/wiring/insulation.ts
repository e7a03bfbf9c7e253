import { present } from "@amp-saver/core/quantity";

/** Insulation colours; whatever else is printed on a sheet is drawn grey with its name on it. */
const INSULATION: Readonly<Record<string, string>> = {
  black: "#1B1B1B",
  white: "#FFFFFF",
  red: "#D2281B",
  blue: "#2A66C8",
  brown: "#7B4A22",
  yellow: "#F2C313",
  orange: "#F0810F",
  grey: "#8F9895",
  gray: "#8F9895",
  violet: "#7B3FA6",
  purple: "#7B3FA6",
  pink: "#F29BB7",
  green: "#3B8F4A",
  tan: "#C9A36A",
  ivory: "#F4ECCF",
};

/** Colour of a wire, and of its stripe where it has one: "black, white stripe". */
export function insulation(name: string): { readonly base: string; readonly stripe: string | null } {
  const words = name.toLowerCase().split(/[^a-z]+/);
  const [base, stripe] = words.filter((w) => w in INSULATION);
  return {
    base: present(INSULATION[base ?? "gray"]),
    stripe: stripe === undefined || stripe === base ? null : present(INSULATION[stripe]),
  };
}
