/** Whether this browser has a voice of its own. */
export const hasVoice = (): boolean => typeof window !== "undefined" && "speechSynthesis" in window;

/** Says a cue, over whatever is being said: an old cue is worth nothing. */
export function speak(words: string): void {
  if (!words || !hasVoice()) return;
  try {
    window.speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(words);
    said.lang = "en";
    said.rate = 1.05;
    window.speechSynthesis.speak(said);
  } catch {
    // A run needs no voice.
  }
}
