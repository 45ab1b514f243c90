/** Rows in columns, for a terminal. Numbers stand to the right. */
export function tableOf(rows: readonly Record<string, string | number | null>[]): string {
  if (rows.length === 0) return "none";
  const names = Object.keys(rows[0]!);
  const text = (value: string | number | null | undefined): string =>
    value === null || value === undefined ? "–" : String(value);
  const widths = names.map((name) =>
    Math.max(name.length, ...rows.map((row) => text(row[name]).length)),
  );
  const line = (cells: readonly string[], row?: Record<string, string | number | null>) =>
    cells
      .map((cell, n) =>
        row && typeof row[names[n]!] === "number"
          ? cell.padStart(widths[n]!)
          : cell.padEnd(widths[n]!),
      )
      .join("  ")
      .trimEnd();
  return [
    line(names),
    line(widths.map((width) => "-".repeat(width))),
    ...rows.map((row) =>
      line(
        names.map((name) => text(row[name])),
        row,
      ),
    ),
  ].join("\n");
}
