import { Away, Problem } from "./client";
import { texts } from "./words";

/**
 * Hands in a job's package and gives the tag it has here.
 *
 * @param said told parts of the whole, 0 to 1, as its lines come in
 */
export async function takePackage(file: File, said: (part: number) => void): Promise<string> {
  const form = new FormData();
  form.append("file", file);
  let response;
  try {
    response = await fetch(
      new Request("/api/jobs/import", {
        method: "POST",
        headers: { Accept: "application/x-ndjson, application/problem+json" },
        body: form,
      }),
    );
  } catch {
    throw new Away(texts.theRuvantServerCannotBe);
  }
  let last: Record<string, unknown> = {};
  for await (const line of linesOf(response)) {
    last = JSON.parse(line) as Record<string, unknown>;
    if (typeof last.taken === "number") said(last.taken);
  }
  if (typeof last.tag === "string") return last.tag;
  if (response.status >= 500)
    throw new Away(texts.theRuvantServerCannotBe, typeof last.detail === "string" ? last.detail : "");
  throw new Problem(last, texts.theServerAnsweredWithError(response.status));
}

async function* linesOf(response: Response): AsyncGenerator<string> {
  const reader = response.body!.getReader();
  const decoder = new TextDecoder();
  let rest = "";
  for (let read = await reader.read(); !read.done; read = await reader.read()) {
    const lines = (rest + decoder.decode(read.value, { stream: true })).split("\n");
    rest = lines.pop()!;
    yield* lines.filter((line) => line.trim() !== "");
  }
  if (rest.trim() !== "") yield rest;
}
