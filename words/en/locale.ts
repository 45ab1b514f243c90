/**
 * How the reader's own device writes numbers and days. The words stay English; the decimal mark and the order of day
 * and month are the reader's.
 */
const formats = new Map<string, Intl.NumberFormat>();

/**
 * A figure with the decimal mark of the reader.
 * @param most so many digits behind the mark, rounded as the figure is stored
 * @param least as many of them at least; all, where it is left out
 * @param locale the reader's own, where it is left out
 * @example decimal(85.5, 1) // "85.5", on a German device "85,5"
 */
export function decimal(value: number, most: number, least = most, locale?: string): string {
  const key = [locale ?? "", most, least].join("/");
  let format = formats.get(key);
  if (!format)
    formats.set(
      key,
      (format = new Intl.NumberFormat(locale, {
        maximumFractionDigits: most,
        minimumFractionDigits: least,
        useGrouping: false,
        numberingSystem: "latn",
        signDisplay: "negative",
      })),
    );
  return format.format(Number(value.toFixed(most)));
}

/** A change with its sign before it; what rounds to nothing has none. @example signed(-0.04, 1) // "0.0" */
export function signed(value: number, most: number, locale?: string): string {
  const rounded = Number(value.toFixed(most));
  const sign = rounded < 0 ? "−" : rounded > 0 ? "+" : "";
  return `${sign}${decimal(Math.abs(rounded), most, most, locale)}`;
}

/** A whole number with the reader's thousands. @example thousands(12500) // "12,500" */
export const thousands = (value: number, locale?: string): string =>
  new Intl.NumberFormat(locale, { numberingSystem: "latn" }).format(value);

/** Whether the reader writes the month before the day. */
export function monthFirst(locale?: string): boolean {
  const parts = new Intl.DateTimeFormat(locale, { day: "numeric", month: "long" })
    .formatToParts(new Date(2026, 0, 2))
    .map(({ type }) => type);
  return parts.indexOf("month") < parts.indexOf("day");
}
