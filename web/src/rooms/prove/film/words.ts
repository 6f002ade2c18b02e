/** What people read of a test film. */
export const texts = {
  frames: "Frames on the film",
  counter: "Counter after the last",
  gaps: "Gaps between frames, mm",
  gapsHint: "2.0 2.1 1.9, below 0 where two overlap",
  frame: "Frame",
  fault: "What is wrong",
  speed: "Speed",
  addFault: "Add a faulty frame",
  faultOf: (frame: number, fault: string) => `${frame}: ${fault}`,
  remove: (frame: number) => `Remove frame ${frame}`,
  log: "Log the film",
  logged: "Film logged.",
  good: (good: number, frames: number) => `${good} of ${frames} frames as they should be`,
  counterOff: (off: number) =>
    off === 0 ? "counter right" : `counter ${off > 0 ? `${off} ahead` : `${-off} behind`}`,
  gapWords: (mean: string, spread: string) => `gaps ${mean} ± ${spread} mm`,
  gapTrend: (by: string) => `each ${by} mm wider than the one before`,
  overlaps: (count: number) => (count === 1 ? "two frames overlap" : `${count} pairs of frames overlap`),
  onFrames: (frames: string) => `frame ${frames}`,
  spread: {
    ALL: "nearly all frames",
    SOME: "here and there",
    ONE_END: "at one end of the film",
    ONE_SPEED: "at one speed only",
    ANY: "",
  },
};
