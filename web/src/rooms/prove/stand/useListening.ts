import { useCallback, useEffect, useRef, useState } from "react";
import {
  closeStand,
  fireStandIn,
  openStand,
  sendSamples,
  type CaughtFiring,
  type Heard,
  type Stand,
  type StandIn,
} from "../../../api/stand";
import { openSoundInput, type OpenInput } from "./soundInput";
import { texts } from "../words";

/** What a stand listens to: a sound input by its id, or the stand-in. */
export const STAND_IN = "stand-in";

export type Listening =
  | { state: "off" }
  | { state: "opening" }
  | { state: "on"; peaks: number[]; clipping: boolean; lit: boolean }
  | { state: "failed"; why: string };

const STAND_IN_RATE = 48_000;
const LEAST_BATCH_SECONDS = 0.04;
const CLIPPING_SHOWN_MS = 2000;

/** Opens a stand and hands on what it catches. Samples go one batch after the other, in order. */
export function useListening(
  stand: Stand | undefined,
  nominalSeconds: number,
  onCaught: (caught: CaughtFiring) => void,
) {
  const [listening, setListening] = useState<Listening>({ state: "off" });
  const session = useRef<{ id: string; input?: OpenInput } | undefined>(undefined);
  const latest = useRef({ nominalSeconds, onCaught });
  useEffect(() => {
    latest.current = { nominalSeconds, onCaught };
  });
  const clippedAt = useRef(0);

  const heard = useCallback((said: Heard) => {
    if (said.clipping) clippedAt.current = Date.now();
    setListening({
      state: "on",
      peaks: said.peaks,
      clipping: Date.now() - clippedAt.current < CLIPPING_SHOWN_MS,
      lit: said.lit,
    });
    said.caught.forEach((one) => latest.current.onCaught(one));
  }, []);

  const close = useCallback(() => {
    const open = session.current;
    session.current = undefined;
    setListening({ state: "off" });
    if (open === undefined) return;
    open.input?.close();
    closeStand(open.id);
  }, []);
  useEffect(() => close, [close, stand?.name]);

  const open = useCallback(
    async (deviceId: string) => {
      if (stand === undefined) return;
      close();
      setListening({ state: "opening" });
      const channels = Math.max(1, stand.setup.sensors.length);
      const waiting: Float32Array[] = [];
      let busy = false;
      const begin = async (rateHz: number, input?: OpenInput) => {
        const { id } = await openStand(stand.setup, rateHz, channels);
        session.current = { id, input };
        setListening({ state: "on", peaks: [], clipping: false, lit: false });
        return id;
      };
      const send = async (id: string, rateHz: number) => {
        const frames = waiting.reduce((sum, one) => sum + one.length, 0) / channels;
        if (busy || session.current?.id !== id || frames < LEAST_BATCH_SECONDS * rateHz) return;
        busy = true;
        const batch = new Blob(waiting.splice(0) as BlobPart[], { type: "application/octet-stream" });
        try {
          heard(await sendSamples(id, latest.current.nominalSeconds, batch));
        } catch (problem) {
          close();
          setListening({ state: "failed", why: (problem as Error).message });
        } finally {
          busy = false;
        }
      };
      try {
        if (deviceId === STAND_IN) {
          await begin(STAND_IN_RATE);
          return;
        }
        const ready: { id: string; rateHz: number } = { id: "", rateHz: 0 };
        const input = await openSoundInput(deviceId, channels, (samples) => {
          waiting.push(samples);
          if (ready.id !== "") void send(ready.id, ready.rateHz);
        });
        ready.rateHz = input.rateHz;
        ready.id = await begin(input.rateHz, input);
      } catch (problem) {
        setListening({ state: "failed", why: inputWords(problem as Error) });
      }
    },
    [stand, close, heard],
  );

  const fire = useCallback(
    async (shutter: StandIn) => {
      const id = session.current?.id;
      if (id === undefined) return;
      heard(await fireStandIn(id, latest.current.nominalSeconds, shutter));
    },
    [heard],
  );

  return { listening, open, close, fire };
}

function inputWords(problem: Error): string {
  switch (problem.name) {
    case "NotAllowedError":
      return texts.theMicrophoneIsNotAllowed;
    case "NotFoundError":
    case "OverconstrainedError":
      return texts.thisSoundInputIsNot;
    default:
      return problem.message;
  }
}
