/** An XMLHttpRequest that goes through whatever stands in for the server's fetch. */
export class SentByFetch {
  upload: { onprogress: ((event: ProgressEvent) => void) | null } = { onprogress: null };
  onload: (() => void) | null = null;
  onerror: (() => void) | null = null;
  responseType = "";
  status = 0;
  response: unknown = null;
  private method = "";
  private url = "";

  open(method: string, url: string) {
    this.method = method;
    this.url = url;
  }

  send(body: BodyInit) {
    this.upload.onprogress?.(new ProgressEvent("progress", { lengthComputable: true, loaded: 1, total: 1 }));
    fetch(new Request(new URL(this.url, "http://localhost"), { method: this.method, body })).then(
      async (answer) => {
        this.status = answer.status;
        this.response = await answer.json();
        this.onload?.();
      },
      () => this.onerror?.(),
    );
  }
}
