import { SentByFetch } from "./sentByFetch";
import { vi } from "vitest";
import type { Entry } from "../api/client";

/** What the server was asked, and what it answers: a stand-in for components that only ask and show. */
type Answer = unknown | ((request: { path: string; body: unknown }) => unknown);

interface Asked {
  method: string;
  path: string;
  body: unknown;
}

let answers: Record<string, Answer> = {};
export const asked: Asked[] = [];

/** A refusal, as the server words it. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly body: Record<string, unknown>,
  ) {}
}

/** No connection at all. */
export const AWAY = Symbol("away");

/** Sets what is answered from now on, by "METHOD /path" without its query. */
export function answering(more: Record<string, Answer>): void {
  answers = { ...answers, ...more };
}

export function forgetAnswers(): void {
  answers = {};
  asked.length = 0;
}

/** The entries that were logged, oldest first. */
export function logged(): Entry[] {
  return asked
    .filter((one) => one.method === "POST" && one.path.endsWith("/lines"))
    .flatMap((one) => (one.body as { lines: { entry: Entry }[] }).lines.map((line) => line.entry));
}

async function reply(request: Request): Promise<Response> {
  const address = new URL(request.url);
  const text = await request.clone().text();
  const isJson = request.headers.get("content-type")?.includes("json") ?? false;
  const body: unknown = text === "" || !isJson ? undefined : JSON.parse(text);
  asked.push({ method: request.method, path: address.pathname + address.search, body });
  const answer = answers[`${request.method} ${address.pathname}`];
  const said =
    typeof answer === "function" ? answer({ path: address.pathname + address.search, body }) : answer;
  if (said === AWAY) throw new TypeError("network");
  if (said instanceof Refusal) return new Response(JSON.stringify(said.body), { status: said.status });
  if (said === undefined) throw new Error(`Nothing answers ${request.method} ${address.pathname}`);
  return new Response(JSON.stringify(said), { status: 200 });
}

// the client takes hold of both when it is made: this module is to be imported before it
vi.stubGlobal(
  "Request",
  class extends Request {
    constructor(input: string | URL | Request, init?: RequestInit) {
      super(typeof input === "string" && input.startsWith("/") ? `http://here${input}` : input, init);
    }
  },
);
vi.stubGlobal("fetch", reply);
vi.stubGlobal("XMLHttpRequest", SentByFetch);
