/** What a benchmark gives: a table to read, and the figures that are kept. */
export type Bench = () => Promise<{
  table: Record<string, string | number>[];
  figures: { key: string; value: number; unit: string }[];
}>;
