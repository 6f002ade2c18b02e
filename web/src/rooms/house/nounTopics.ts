import { texts } from "./words";
/** What nouns of the log line can be about: the choices of each topic, and what the topic is called. */
export const NOUN_TOPICS: Record<string, { choices: string; label: string }> = {
  fastener: { choices: "fastenerKind", label: texts.kindOfFastener },
  drive: { choices: "drive", label: texts.drive },
  head: { choices: "headForm", label: texts.head },
  trait: { choices: "fastenerTrait", label: texts.aboutAFastener },
  hazard: { choices: "hazard", label: texts.hazard },
  condition: { choices: "conditionKind", label: texts.conditionOutside },
  visitorSign: { choices: "visitorSignKind", label: texts.signOfEarlierWork },
  state: { choices: "mechanismState", label: texts.stateOfTheMechanism },
};
