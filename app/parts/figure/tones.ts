/** The colours that a picture is drawn in. */
export type Tones = {
  ink: string;
  far: string;
  ground: string;
  line: string;
  fill: string;
  /** Bands, straps and sticks, which pass before the body. */
  kit: string;
  /** Where the work is, and which way it goes. */
  warm: string;
};

/** What a picture is drawn on. */
export const tonesOn: Readonly<Record<"paper" | "run", Tones>> = {
  paper: {
    ink: "var(--ink)",
    far: "var(--far)",
    ground: "var(--paper)",
    line: "var(--hair)",
    fill: "var(--line)",
    kit: "var(--tape)",
    warm: "var(--clay)",
  },
  run: {
    ink: "#F2EEE4",
    far: "#8d9490",
    ground: "#0E1213",
    line: "#6f6b60",
    fill: "#23292b",
    kit: "#e0b45c",
    warm: "#e0764a",
  },
};
