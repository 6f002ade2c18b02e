/* Runs in the browser's audio thread: hands the samples on as they are, some hundredths of a second at a time. */
class Capture extends AudioWorkletProcessor {
  constructor() {
    super();
    this.frames = 1024;
    this.at = 0;
  }

  process(inputs) {
    const channels = inputs[0];
    if (channels.length === 0) return true;
    if (this.held === undefined || this.width !== channels.length) {
      this.width = channels.length;
      this.held = new Float32Array(this.frames * this.width);
      this.at = 0;
    }
    for (let i = 0; i < channels[0].length; i++) {
      for (let channel = 0; channel < this.width; channel++) this.held[this.at++] = channels[channel][i];
      if (this.at === this.held.length) {
        this.port.postMessage({ channels: this.width, samples: this.held }, [this.held.buffer]);
        this.held = new Float32Array(this.frames * this.width);
        this.at = 0;
      }
    }
    return true;
  }
}
registerProcessor("capture", Capture);
