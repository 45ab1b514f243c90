/** Standard errors on either side that hold a value with 95 % likelihood. */
export const z95 = 1.96;
