/** What people read in this room. */
export const texts = {
  leadingCurtainOverTheGate: (leadingSeconds: string | number, trailingSeconds: string | number) =>
    `Leading curtain ${leadingSeconds} over the gate, trailing ${trailingSeconds}`,
  ms: " ms",
  exposureFromStartToEnd: (value: string | number) => `Exposure from start to end of the gate: ${value} EV`,
  channelFromToOfThe: (
    channel: string | number,
    openSeconds: string | number,
    closeSeconds: string | number,
  ) => `Channel ${channel}: from ${openSeconds} to ${closeSeconds} of the recording,`,
  betweenTheEdges: "between the edges",
  lightOverTime: "Light over time",
  speedsErrorInEv: "Speeds, error in EV",
  slow: "slow",
  fast: "fast",
  notTimed: (speed: string) => `${speed}: not timed`,
  ev: (speed: string, ev: string, verdict: string) => `${speed}: ${ev} EV, ${verdict}`,
  notTimedInline: "not timed",
  simulated: "simulated",
  inWord: "in",
  outWord: "out",
  onLimit: "on limit",
  fireMore: (fireMore: string | number) => `fire ${fireMore} more`,
};
