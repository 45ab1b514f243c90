import type { WhyWords } from "./plain";

/** How a date comes to be judged. */
export const dateWhy = (demands: number): WhyWords => ({
  rule: "From the checks and the seconds of work logged, it is learned how fast each joint answers to training; with the weeks as planned it goes on from there. What is not known widens the fan. Joints of one body answer alike, so that together they are likelier than one by one",
  inputs: { "demands looked at": String(demands) },
  source:
    "how much and how fast joints gain: figures of the library, with what each is from; tried on made-up athletes of other kinds, see docs/forecast-reliability.svg",
});

/** How the record judges changes and the best. */
export const recordWhy: WhyWords = {
  rule: "A change is the line through all readings since that day, and real where it moves more than their errors and ordinary days explain. The best is the best that the whole series supports, as the largest single reading is mostly luck",
  inputs: { "of what is called real": "one in ten may be false" },
};
