import { texts } from "../words";
/** Samples of all channels in turn, as they come from a sound input. */
export type OnSamples = (samples: Float32Array) => void;

export interface OpenInput {
  rateHz: number;
  channels: number;
  close: () => void;
}

/** The sound inputs there are; their names are empty until one was allowed. */
export async function soundInputs(): Promise<{ id: string; label: string }[]> {
  if (navigator.mediaDevices === undefined) return [];
  const devices = await navigator.mediaDevices.enumerateDevices();
  return devices
    .filter((device) => device.kind === "audioinput" && device.deviceId !== "")
    .map((device, index) => ({ id: device.deviceId, label: device.label || texts.soundInput(index + 1) }));
}

/**
 * Opens a sound input as it is: what a browser does to make voices pleasant (echo taken out, noise taken out, level
 * evened) would spoil every edge.
 */
export async function openSoundInput(
  deviceId: string,
  channels: number,
  onSamples: OnSamples,
): Promise<OpenInput> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: {
      ...(deviceId === "" ? {} : { deviceId: { exact: deviceId } }),
      channelCount: { ideal: channels },
      echoCancellation: false,
      noiseSuppression: false,
      autoGainControl: false,
    },
  });
  const context = new AudioContext({ latencyHint: "interactive" });
  const end = () => {
    stream.getTracks().forEach((track) => track.stop());
    void context.close();
  };
  try {
    await context.audioWorklet.addModule("/capture.js");
    const source = context.createMediaStreamSource(stream);
    const node = new AudioWorkletNode(context, "capture", {
      numberOfOutputs: 0,
      channelCount: channels,
      channelCountMode: "explicit",
    });
    node.port.onmessage = (event: MessageEvent<{ channels: number; samples: Float32Array }>) => {
      if (event.data.channels === channels) onSamples(event.data.samples);
    };
    source.connect(node);
    return { rateHz: context.sampleRate, channels, close: end };
  } catch (problem) {
    end();
    throw problem;
  }
}
