import type { MotionId } from "../body/motions";
import type { LeftRight } from "../body/side";
import type { BodyPlace } from "../body/sites";

/** What an act is called, with the names and figures that it is told by. */
export type Does =
  | {
      does:
        | "new-aim"
        | "edit-aim"
        | "weight-by-hand"
        | "weight-as-computed"
        | "keep-targets"
        | "drop-targets"
        | "close-aim"
        | "open-aim"
        | "intake"
        | "clear-question"
        | "remove-check"
        | "finger"
        | "measures"
        | "fit-model"
        | "pointing"
        | "keep-photo"
        | "remove-photo"
        | "mark-day"
        | "clear-day"
        | "remove-skill"
        | "remove-format"
        | "remove-drill"
        | "schools"
        | "settings"
        | "log"
        | "log-run"
        | "drop-run"
        | "remove-log"
        | "pin-next"
        | "choose-next"
        | "place-on"
        | "let-go-next"
        | "plan-prep"
        | "retime"
        | "move-drill"
        | "mend-order"
        | "pin-drill"
        | "drop-drill"
        | "swap-drill"
        | "another-rung"
        | "another-dose"
        | "both-sides-alike"
        | "fit-minutes"
        | "set-lives"
        | "set-quota"
        | "set-lifts"
        | "take-better"
        | "lay-sequence"
        | "repeat-drill"
        | "say-of-drill"
        | "set-aside"
        | "advise-again"
        | "remove-own-prep"
        | "plan-weeks"
        | "own-week"
        | "usual-week"
        | "lighter-week"
        | "full-week"
        | "move-session"
        | "let-session-go"
        | "place-sessions"
        | "take-session-out"
        | "put-session-back"
        | "write-calendar"
        | "read-calendar"
        | "put-round-in"
        | "take-round-out"
        | "days-away"
        | "no-days-away"
        | "import"
        | "order"
        | "mend-check"
        | "empty";
    }
  | {
      does:
        | "edit-athlete"
        | "add-athlete"
        | "remove-athlete"
        | "archive"
        | "bring-back"
        | "place"
        | "skill"
        | "format"
        | "drill"
        | "add-drill"
        | "save-profile"
        | "keep-own-prep"
        | "use-own-prep"
        | "hang-own-prep"
        | "share-own-prep"
        | "group"
        | "remove-group"
        | "hall"
        | "log-hall";
      name: string;
    }
  | { does: "checks" | "take-logs" | "keep-preps" | "add-athletes" | "give-group"; count: number }
  | { does: "clear-place"; place: BodyPlace | null }
  /** Of an earlier version’s journal. */
  | { does: "clear-motion"; motion: MotionId }
  | { does: "set-more"; side: LeftRight };

/** The name of an act in the journal; a text where an earlier version wrote it. */
export type Label = Does | string;
