import type { WhyWords } from "./plain";

/** How a date comes to be judged. */
export const dateWhy = (demands: number): WhyWords => ({
  rule: "How fast each joint answers to training is learned from its checks and the work logged. The weeks as planned carry it forward. What is not known widens the range. Joints of one body answer alike, so all together is likelier than each chance suggests",
  inputs: { "demands looked at": String(demands) },
  source:
    "how much and how fast joints gain: figures of the library, with what each is from. Tried on made-up athletes of other kinds, see docs/forecast-reliability.svg",
});

/** How the record judges changes and the best. */
export const recordWhy: WhyWords = {
  rule: "A change is the line through all readings since that day. It is real where it is more than their errors and ordinary days explain. The best is what the whole series supports: the largest single reading is mostly luck",
  inputs: { "of what is called real": "one in ten may be false" },
};
