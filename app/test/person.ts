/** Somebody new, as the form sends it. */
export const person = {
  id: null,
  name: "Mirela Osei",
  discipline: "dancer",
  bornOn: "1999-05-04",
  statureCm: 165,
  massKg: null,
  dominantSide: "right",
  placeId: null,
};
