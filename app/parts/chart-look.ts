/** How every chart looks: its ticks, and the note that opens over a point. */
export const tickLook = { fill: "var(--muted)", fontSize: 11 };
export const tipLook = {
  background: "var(--raised)",
  border: "1px solid var(--ink)",
  borderRadius: 0,
  color: "var(--ink)",
};
