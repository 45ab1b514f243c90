import { useEffect, useRef } from "react";
import { cuesDue } from "#core/run/cues";
import type { RunState } from "#core/run/state";
import type { Library } from "#core/content/library";
import { cueWords } from "./cue-words";
import { buzz } from "./buzz";
import { cueTone } from "./tones";
import { speak } from "./voice";

/** Plays and says what falls due while the page is open; nothing of what passed before. */
export function useCues(
  state: RunState,
  library: Library,
  { sound, voice }: { sound: boolean; voice: boolean },
): void {
  const before = useRef(state);
  useEffect(() => {
    const due = cuesDue(before.current, state);
    before.current = state;
    for (const cue of due) {
      if (sound) cueTone(cue.kind);
      if (sound) buzz(cue.kind);
      if (voice) speak(cueWords(cue, state, library));
    }
  }, [state, library, sound, voice]);
}
