// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { add, type Complex, complex, divide, multiply, scale, solveComplex, subtract } from "../../numeric/index.ts";

/** A point of a circuit that is one piece of metal. */
export type Node = string;

/** An admittance between two nodes, siemens. */
export interface Link {
  readonly a: Node;
  readonly b: Node;
  readonly y: Complex;
}

/** Volts of `a` over `b` behind an admittance: a source, or a capacitor as it is charged. */
export interface Drive extends Link {
  readonly volts: Complex;
}

/** Two coupled branches: volts across both from the amps in both, ohm. */
export interface Coupled {
  readonly ends: readonly [readonly [Node, Node], readonly [Node, Node]];
  readonly ohms: readonly [Complex, Complex, Complex, Complex];
}

/** A linear circuit at one frequency; node volts count from `reference`. */
export interface Circuit {
  readonly reference: Node;
  readonly links: readonly Link[];
  readonly drives: readonly Drive[];
  readonly coupled: readonly Coupled[];
}

/** Volts of every node over the reference. */
export type NodeVolts = (node: Node) => Complex;

const ZERO = complex(0);
/** Leaks to the reference that every node has, so that what floats has volts too, siemens: 10 teraohm. */
const LEAK = complex(1e-13);

/** Inverse of the two-by-two matrix of a coupled pair. */
export function admittancesOf([mm, ma, am, aa]: Coupled["ohms"]): Coupled["ohms"] {
  const det = subtract(multiply(mm, aa), multiply(ma, am));
  return [divide(aa, det), divide(scale(ma, -1), det), divide(scale(am, -1), det), divide(mm, det)];
}

/** Solves a circuit by its nodes. */
export function nodeVolts(circuit: Circuit): NodeVolts {
  const { links, drives, coupled, reference } = circuit;
  const names = [...new Set([...links, ...drives].flatMap(({ a, b }) => [a, b]).concat(coupled.flatMap(({ ends }) => ends.flat())))];
  const at = new Map(names.filter((n) => n !== reference).map((n, i) => [n, i]));
  const matrix = [...at].map((_, r) => [...at].map((__, c) => (r === c ? LEAK : ZERO)));
  const right = [...at].map(() => ZERO);
  const put = (row: Node, column: Node, y: Complex): void => {
    const [r, c] = [at.get(row), at.get(column)];
    if (r !== undefined && c !== undefined) matrix[r]![c] = add(matrix[r]![c]!, y);
  };
  const between = ([a, b]: readonly [Node, Node], [c, d]: readonly [Node, Node], y: Complex): void => {
    for (const [row, plus] of [
      [a, 1],
      [b, -1],
    ] as const)
      for (const [column, sign] of [
        [c, 1],
        [d, -1],
      ] as const)
        put(row, column, scale(y, plus * sign));
  };
  for (const { a, b, y } of [...links, ...drives]) between([a, b], [a, b], y);
  for (const { ends, ohms } of coupled) {
    const [mm, ma, am, aa] = admittancesOf(ohms);
    between(ends[0], ends[0], mm);
    between(ends[0], ends[1], ma);
    between(ends[1], ends[0], am);
    between(ends[1], ends[1], aa);
  }
  for (const { a, b, y, volts } of drives)
    for (const [node, sign] of [
      [a, 1],
      [b, -1],
    ] as const) {
      const r = at.get(node);
      if (r !== undefined) right[r] = add(right[r]!, scale(multiply(y, volts), sign));
    }
  const solved = at.size === 0 ? [] : solveComplex(matrix, right);
  return (node) => {
    const i = at.get(node);
    return i === undefined ? ZERO : solved[i]!;
  };
}

/** Amps through a link from `a` to `b`. */
export function linkA(volts: NodeVolts, { a, b, y }: Link): Complex {
  return multiply(subtract(volts(a), volts(b)), y);
}
