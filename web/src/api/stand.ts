import { answer, server, type Schemas } from "./client";
import { sending } from "./sending";

export type Stand = Schemas["Stand"];
export type Heard = Schemas["Heard"];
export type CaughtFiring = Schemas["CaughtFiring"];
export type StandIn = Schemas["StandInShutter"];
export type Turned = "SLOW_TO_FAST" | "FAST_TO_SLOW" | "IN_NO_ORDER";

const asItIs = (body: unknown) => body as never;

export const openStand = (setup: Stand["setup"], rateHz: number, channels: number) =>
  answer(server.POST("/api/stand/sessions", { body: { setup, rateHz, channels } }));

/** One that cannot be closed the server forgets by itself. */
export const closeStand = (id: string) =>
  void server.DELETE("/api/stand/sessions/{id}", { params: { path: { id } } }).catch(() => undefined);

/** Samples of all channels in turn, 32-bit floats. */
export const sendSamples = (id: string, nominalSeconds: number, samples: Blob) =>
  answer(
    server.POST("/api/stand/sessions/{id}/samples", {
      params: { path: { id }, query: { nominalSeconds } },
      body: samples as never,
      bodySerializer: asItIs,
      headers: { "Content-Type": "application/octet-stream" },
    }),
  );

export const fireStandIn = (id: string, nominalSeconds: number, shutter: StandIn) =>
  answer(
    server.POST("/api/stand/sessions/{id}/stand-in", {
      params: { path: { id } },
      body: { nominalSeconds, shutter },
    }),
  );

/** A recording of a whole run: its firings, with a speed proposed for each. */
export function measureRun(
  tag: string,
  file: File,
  how: { setup: Stand["setup"]; turned: Turned; each: number },
  said: (part: number) => void,
) {
  const form = new FormData();
  form.append("file", file);
  const query = new URLSearchParams({
    setup: JSON.stringify(how.setup),
    turned: how.turned,
    each: String(how.each),
  });
  return sending<Schemas["FileRun"]>(`/api/jobs/${tag}/recordings?${query}`, form, said);
}
