/** What nouns of the log line can be about: the choices of each topic, and what the topic is called. */
export const NOUN_TOPICS: Record<string, { choices: string; label: string }> = {
  fastener: { choices: "fastenerKind", label: "kind of fastener" },
  drive: { choices: "drive", label: "drive" },
  head: { choices: "headForm", label: "head" },
  trait: { choices: "fastenerTrait", label: "about a fastener" },
  hazard: { choices: "hazard", label: "hazard" },
  condition: { choices: "conditionKind", label: "condition outside" },
  visitorSign: { choices: "visitorSignKind", label: "sign of earlier work" },
  state: { choices: "mechanismState", label: "state of the mechanism" },
};
