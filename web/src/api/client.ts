import createClient from "openapi-fetch";
import type { components, paths } from "./schema";
import { texts } from "./words";

/** The one door to the server. */
export const server = createClient<paths>({ baseUrl: "" });

export type Schemas = components["schemas"];
export type JobView = Schemas["JobView"];
export type PartView = Schemas["PartView"];
export type Entry = Schemas["Entry"];
export type House = Schemas["House"];
export type JobSummary = Schemas["JobSummary"];
export type LineView = Schemas["LineView"];
export type Reading = Schemas["Reading"];
export type Chip = Schemas["Chip"];
export type ChosenPiece = Schemas["ChosenPiece"];
export type LineKind = ChosenPiece["kind"];
export type KindForm = Schemas["KindForm"];
export type FieldForm = Schemas["FieldForm"];
export type Stop = JobView["currentStop"];
export type SpeedRow = Schemas["SpeedRow"];

const text = (value: unknown) => (typeof value === "string" ? value : "");

/** Something the server would not take, in words a person can act on. */
export class Problem extends Error {
  readonly code: string;
  readonly remedy: string;
  readonly field: string;
  readonly since: string[];
  readonly resting: string[];

  constructor(body: Partial<Record<string, unknown>>, fallback: string) {
    super(text(body.detail) || fallback);
    this.code = text(body.code);
    this.remedy = text(body.remedy);
    this.field = text(body.field);
    this.since = Array.isArray(body.since) ? body.since.map(String) : [];
    this.resting = Array.isArray(body.resting) ? body.resting.map(String) : [];
  }
}

/**
 * The server cannot be reached, or is in trouble itself: what was sent may be sent again.
 */
export class Away extends Error {
  /** What the server says is the matter with it, with what to do; empty where it cannot be reached. */
  readonly trouble: string;

  constructor(message: string, trouble = "") {
    super(trouble === "" ? message : trouble);
    this.trouble = trouble;
  }
}

/** Nobody is signed in any more: what was sent waits until somebody is. */
export class SignedOut extends Problem {}

const whenSignedOut = new Set<() => void>();

/** Tells of an answer that found nobody signed in. */
export function onSignedOut(listener: () => void): void {
  whenSignedOut.add(listener);
}

/** Unwraps an answer: its data, a {@link Problem}, or {@link Away}. */
export async function answer<T>(
  asked: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let got;
  try {
    got = await asked;
  } catch {
    throw new Away(texts.theRuvantServerCannotBe);
  }
  if (got.response.ok) return got.data as T;
  const body: Partial<Record<string, unknown>> =
    typeof got.error === "object" && got.error !== null ? got.error : {};
  if (got.response.status >= 500)
    throw new Away(texts.theRuvantServerCannotBe, `${text(body.detail)} ${text(body.remedy)}`.trim());
  if (got.response.status === 401) {
    whenSignedOut.forEach((listener) => listener());
    throw new SignedOut(body, texts.theServerAnsweredWithError(401));
  }
  throw new Problem(body, texts.theServerAnsweredWithError(got.response.status));
}
