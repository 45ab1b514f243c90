import type { Does, Label } from "#core/acts/does";
import { motionOf } from "#core/body/motions";
import { many } from "./plain";
import { placeWords } from "./places";

/** What an act is called where it can be taken back. */
export const labelWords = (label: Label): string =>
  typeof label === "string" ? label : doesWords(label);

function doesWords(what: Does): string {
  switch (what.does) {
    case "edit-athlete":
      return `edit ${what.name}`;
    case "add-athlete":
      return `add ${what.name}`;
    case "remove-athlete":
      return `remove ${what.name} for good`;
    case "archive":
      return `archive ${what.name}`;
    case "bring-back":
      return `bring ${what.name} back`;
    case "place":
      return `place ${what.name}`;
    case "group":
      return `group ${what.name}`;
    case "remove-group":
      return `remove the group ${what.name}`;
    case "hall":
      return `session of ${what.name}`;
    case "log-hall":
      return `log ${what.name}`;
    case "skill":
      return `skill ${what.name}`;
    case "format":
      return `keep the format ${what.name}`;
    case "drill":
      return `keep the drill ${what.name}`;
    case "save-profile":
      return `the profile ${what.name}`;
    case "add-drill":
      return `add ${what.name.toLowerCase()}`;
    case "keep-own-prep":
      return `keep ${what.name}`;
    case "use-own-prep":
      return `use ${what.name}`;
    case "share-own-prep":
      return `keep ${what.name} for others`;
    case "hang-own-prep":
      return `hang ${what.name} on the week`;
    case "checks":
      return many(what.count, "check");
    case "take-logs":
      return many(what.count, "log");
    case "add-athletes":
      return what.count === 1 ? "add an athlete" : `add ${what.count} athletes`;
    case "give-group":
      return what.count === 1 ? "set it for one" : `set it for ${what.count}`;
    case "keep-preps":
      return what.count === 1 ? "keep the prep" : `keep ${what.count} preps`;
    case "clear-motion":
      return `clear ${motionOf(what.motion).name.toLowerCase()}`;
    case "clear-place":
      return `clear the ${what.place ? placeWords(what.place) : "lock"}`;
    case "set-more":
      return `a set more on the ${what.side}`;
    default:
      return plain[what.does];
  }
}

const plain: Record<
  Exclude<
    Does,
    | { name: string }
    | { count: number }
    | { motion: unknown }
    | { place: unknown }
    | { side: unknown }
  >["does"],
  string
> = {
  "new-aim": "new aim",
  "edit-aim": "edit the aim",
  "weight-by-hand": "weight by hand",
  "weight-as-computed": "weight as computed",
  "keep-targets": "keep the targets",
  "drop-targets": "drop the targets",
  "close-aim": "close the aim",
  "open-aim": "open the aim again",
  intake: "health answers",
  "clear-question": "record a clearance",
  "remove-check": "remove a check",
  finger: "calibrate finger widths",
  measures: "own measures",
  "fit-model": "fit the model",
  pointing: "use my pointing error",
  "keep-photo": "keep a photograph",
  "remove-photo": "remove a photograph",
  "mark-day": "mark the day",
  "clear-day": "clear the day’s marks",
  "remove-skill": "remove a skill",
  "remove-format": "remove a format",
  "remove-drill": "remove a drill",
  schools: "ways of working",
  settings: "settings",
  log: "log",
  "log-run": "log the run",
  "drop-run": "throw the run away",
  "remove-log": "remove a log",
  "pin-next": "pin what comes next",
  "place-on": "place the athlete",
  "choose-next": "choose what comes next",
  "let-go-next": "let the rules propose",
  "plan-prep": "plan the prep",
  retime: "change the minutes",
  "move-drill": "move a drill",
  "mend-order": "mend the order",
  "pin-drill": "lock a drill",
  "drop-drill": "drop a drill",
  "swap-drill": "swap a drill",
  "another-rung": "another level",
  "another-dose": "another dose",
  "both-sides-alike": "both sides alike",
  "fit-minutes": "fit the minutes",
  "lay-sequence": "lay the session as typed",
  "repeat-drill": "do a drill once more",
  "say-of-drill": "change how a drill is done",
  "set-lifts": "what is lifted elsewhere",
  "set-quota": "a daily number",
  "set-lives": "what is worked for beside the aim",
  "take-better": "take the better plan",
  "set-aside": "set advice aside",
  "advise-again": "hear advice again",
  "remove-own-prep": "remove an own prep",
  "plan-weeks": "plan the weeks",
  "own-week": "a week of its own",
  "usual-week": "the usual week",
  "lighter-week": "a lighter week",
  "full-week": "a full week",
  "move-session": "move a session",
  "let-session-go": "let a session go",
  "place-sessions": "place the sessions",
  "take-session-out": "take a session out",
  "put-session-back": "put a session back",
  "write-calendar": "write the calendar",
  "read-calendar": "read a calendar",
  "put-round-in": "put a round of checks in",
  "take-round-out": "take the round of checks out",
  "days-away": "days away",
  "no-days-away": "no days away",
  import: "import a file",
  order: "order of athletes",
  "mend-check": "mend a check",
  empty: "empty the notebook",
};
