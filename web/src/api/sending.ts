import { answer } from "./client";

/**
 * Sends a form, saying how much of it has gone out: a recording of gigabytes takes minutes on a slow network.
 *
 * @param said told parts of the whole, 0 to 1
 */
export function sending<T>(url: string, form: FormData, said: (part: number) => void): Promise<T> {
  return answer<T>(
    new Promise((resolve, reject) => {
      const request = new XMLHttpRequest();
      request.open("POST", url);
      request.responseType = "json";
      request.upload.onprogress = (event) => {
        if (event.lengthComputable && event.total > 0) said(event.loaded / event.total);
      };
      request.onload = () => {
        const response = new Response(null, { status: request.status });
        const body: unknown = request.response;
        resolve(response.ok ? { data: body as T, response } : { error: body, response });
      };
      request.onerror = () => reject(new TypeError("connection"));
      request.send(form);
    }),
  );
}
