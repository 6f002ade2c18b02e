import type { Schemas } from "../api/client";

/** A fastener in a few words: what turns it, what it is, its size. */
export const fastenerWords = (one: Schemas["Fastener"]) =>
  [
    one.drive === "NONE" ? "" : one.drive.toLowerCase().replace("_", "-"),
    one.kind.toLowerCase().replace("_", " "),
    one.threadMm === undefined
      ? ""
      : `${one.threadMm}${one.lengthMm === undefined ? "" : ` × ${one.lengthMm}`}`,
  ]
    .filter((word) => word !== "")
    .join(" ");
