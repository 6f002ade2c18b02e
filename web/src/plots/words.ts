/** What people read in this room. */
export const texts = {
  leadingCurtainOverThe: (leadingSeconds: string | number, trailingSeconds: string | number) =>
    `Leading curtain ${leadingSeconds} over the gate, trailing ${trailingSeconds}`,
  ms: " ms",
  exposureFromStartTo: (value: string | number) => `Exposure from start to end of the gate: ${value} EV`,
  channelFromToOf: (channel: string | number, openSeconds: string | number, closeSeconds: string | number) =>
    `Channel ${channel}: from ${openSeconds} to ${closeSeconds} of the recording,`,
  betweenTheEdges: "between the edges",
  lightOverTime: "Light over time",
  speedsErrorInStops: "Speeds, error in stops",
  slow: "slow",
  fast: "fast",
  notTimedAt: (speed: string) => `${speed}: not timed`,
  timedAs: (speed: string, ev: string, verdict: string) => `${speed}: ${ev} EV, ${verdict}`,
  notTimed: "not timed",
  inWord: "in",
  out: "out",
  onLimit: "on limit",
  more: (fireMore: string | number) => `+${fireMore} more`,
};
