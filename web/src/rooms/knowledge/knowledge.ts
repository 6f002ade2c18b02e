import type { Schemas } from "../../api/client";

export type Knowledge = Schemas["FaultKnowledge"];
