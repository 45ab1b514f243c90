import { defaultSchools, type Schools } from "#core/content/schools";

type Question<K extends keyof Schools> = {
  key: K;
  asks: string;
  /** The reasons of both sides, in a sentence. */
  why: string;
  options: { value: Schools[K]; name: string; short: string }[];
};
type AnyQuestion = { [K in keyof Schools]: Question<K> }[keyof Schools];

const question = <K extends keyof Schools>(entry: Question<K>): Question<K> => entry;

/** Every question with its answers; `short` is how a prep says what it follows. */
export const schoolQuestions: readonly AnyQuestion[] = [
  question({
    key: "amount",
    asks: "How much is enough?",
    why: "A count lets you compare sessions. By feel gives a stiff day more and a good day less.",
    options: [
      { value: "count", name: "a count, with the loose-at number noted", short: "counted" },
      { value: "feel", name: "until it is loose", short: "until loose" },
    ],
  }),
  question({
    key: "pace",
    asks: "Clock or count?",
    why: "A clock keeps a group together; a count leaves everybody their own pace.",
    options: [
      { value: "count", name: "repetitions at own pace", short: "own pace" },
      { value: "clock", name: "every item a fixed time box", short: "time boxes" },
    ],
  }),
  question({
    key: "hold",
    asks: "How long is a hold?",
    why: "Short holds add up to the same time. One long hold gives the body time to let go.",
    options: [
      { value: "summed", name: "short holds, summed", short: "summed holds" },
      { value: "long", name: "one hold of two to five minutes", short: "long holds" },
    ],
  }),
  question({
    key: "stretch",
    asks: "Which stretch?",
    why: "Static is simple and quiet; contract–relax gains range fast and takes effort.",
    options: [
      { value: "both", name: "both, mixed", short: "both stretches" },
      { value: "static", name: "static only", short: "static" },
      { value: "contract-relax", name: "contract–relax only", short: "contract–relax" },
    ],
  }),
  question({
    key: "often",
    asks: "How often hard?",
    why: "Tissue needs a day off after ten minutes of stretch. A little every day keeps the habit.",
    options: [
      { value: "spaced", name: "hard days spaced, light daily", short: "spaced" },
      { value: "daily", name: "a little every day, never a hard day", short: "little, daily" },
    ],
  }),
  question({
    key: "discomfort",
    asks: "How much discomfort on the roller and ball?",
    why: "Mild keeps muscles from bracing. Some only let go by breathing through a sore spot. Never sharp, either way.",
    options: [
      { value: "mild", name: "mild, at most 4/10, breathing easy", short: "mild" },
      { value: "through", name: "stay on the sore spot and breathe", short: "through sore spots" },
    ],
  }),
  question({
    key: "firstSide",
    asks: "Which side first?",
    why: "The worse side first gets the fresh minutes. The weaker side first evens out skill.",
    options: [
      { value: "worse", name: "the shorter side", short: "shorter side first" },
      { value: "non-dominant", name: "the non-dominant side", short: "non-dominant first" },
      { value: "either", name: "either", short: "either side first" },
    ],
  }),
  question({
    key: "turnIn",
    asks: "The side-lying inward turn of the shoulder?",
    why: "Some value it for the back of the shoulder; others avoid it because it can pinch the front.",
    options: [
      { value: "off", name: "left out", short: "no side-lying turn" },
      { value: "on", name: "used", short: "side-lying turn used" },
    ],
  }),
  question({
    key: "staticBefore",
    asks: "Static holds before training?",
    why: "Long holds cost strength for a while; short ones followed by movement hardly do.",
    options: [
      { value: "short", name: "short, 30 s at most", short: "short holds before" },
      { value: "none", name: "none", short: "no holds before" },
    ],
  }),
  question({
    key: "active",
    asks: "Own strength at the end of the range: before the long stretches, or after?",
    why: "Before: the joint works while it is fresh. After: the new range is used at once.",
    options: [
      { value: "before", name: "before the stretches", short: "active first" },
      { value: "after", name: "after the stretches", short: "active last" },
    ],
  }),
  question({
    key: "softTissue",
    asks: "Soft tissue first or last?",
    why: "First, it makes the stretches easier; last, it calms what was worked.",
    options: [
      { value: "first", name: "first", short: "soft tissue first" },
      { value: "last", name: "last", short: "soft tissue last" },
    ],
  }),
  question({
    key: "held",
    asks: "Static before contract–relax?",
    why: "Static first relaxes before the effort. Mixed keeps positions together.",
    options: [
      { value: "mixed", name: "mixed, by position", short: "stretches mixed" },
      { value: "static-first", name: "static first", short: "static first" },
    ],
  }),
  question({
    key: "hands",
    asks: "Hands first or last among the joints?",
    why: "Most teach first. Last keeps them warm for the weight. Never after weight on them.",
    options: [
      { value: "first", name: "first", short: "hands first" },
      { value: "last", name: "last, before any weight on them", short: "hands last" },
    ],
  }),
];

/** What a prep follows, in a coach's short words: what differs from the usual, and otherwise that nothing does. */
export const followed = (schools: Schools): string =>
  schoolQuestions
    .flatMap(({ key, options }) =>
      (options as { value: string; short: string }[])
        .filter(({ value }) => value === schools[key] && value !== defaultSchools[key])
        .map(({ short }) => short),
    )
    .join(", ") || "the usual ways";
