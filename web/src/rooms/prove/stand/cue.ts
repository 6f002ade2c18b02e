/** Short tones, so that eyes may stay on the camera: a firing taken, the next speed, something wrong. */
const TONES = { taken: [880], next: [660, 990], wrong: [220] } as const;

let context: AudioContext | undefined;

export function cue(kind: keyof typeof TONES): void {
  if (typeof AudioContext === "undefined") return;
  context ??= new AudioContext();
  const sound = context;
  TONES[kind].forEach((hertz, index) => {
    const tone = sound.createOscillator();
    const level = sound.createGain();
    const at = sound.currentTime + index * 0.11;
    tone.frequency.value = hertz;
    level.gain.setValueAtTime(0.08, at);
    level.gain.exponentialRampToValueAtTime(0.001, at + 0.1);
    tone.connect(level).connect(sound.destination);
    tone.start(at);
    tone.stop(at + 0.11);
  });
}

/** Says the next speed aloud where the browser can. */
export function sayAloud(words: string): void {
  if (!("speechSynthesis" in window)) return;
  window.speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(words);
  said.lang = "en-GB";
  window.speechSynthesis.speak(said);
}
