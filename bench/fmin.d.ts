/** What the benchmark uses of the general optimiser. */
declare module "fmin/index.js" {
  export function nelderMead(
    f: (x: number[]) => number,
    x0: number[],
    parameters?: { maxIterations?: number; minErrorDelta?: number; nonZeroDelta?: number },
  ): { x: number[]; fx: number };
}
