export class Solver {
  constructor(n: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(f: (x: number, y: number[]) => number[], x: number, y0: number[], xEnd: number): { y: number[]; outcome: number };
}
