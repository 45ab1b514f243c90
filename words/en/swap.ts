/**
 * What a swap changes in a prep, against the drill that goes.
 * @param worth the share by which the whole prep serves the needs more, or less
 * @param seconds the time it takes more, or less
 * @example swapWords(0.05, 84) // "prep serves 5 % more, 84 s longer"
 */
export function swapWords(worth: number, seconds: number): string {
  const share = Math.round(worth * 100);
  const served =
    share === 0
      ? "prep serves as well"
      : `prep serves ${Math.abs(share)} % ${share > 0 ? "more" : "less"}`;
  const lasts =
    seconds === 0 ? "as long" : `${Math.abs(seconds)} s ${seconds > 0 ? "longer" : "shorter"}`;
  return `${served}, ${lasts}`;
}
