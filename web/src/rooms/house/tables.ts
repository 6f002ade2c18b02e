import type { Schemas } from "../../api/client";

export type Tables = Schemas["Tables"];
