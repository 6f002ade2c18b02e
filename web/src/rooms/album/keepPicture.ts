import { answer, Problem, server } from "../../api/client";
import { texts } from "./words";

const LARGEST_MB = 25;

/** Hands a picture to the server, which keeps it under its fingerprint; throws a {@link Problem} where it cannot be. */
export async function keepPicture(file: Blob, called = texts.thePictureInline) {
  if (file.size > LARGEST_MB * 1024 * 1024)
    throw new Problem(
      {
        detail: texts.isMbAPictureCan(called, Math.round(file.size / 1024 / 1024), LARGEST_MB),
        remedy: texts.saveItSmallerOrTake,
      },
      "",
    );
  const form = new FormData();
  form.append("file", file, called);
  return answer(
    server.POST("/api/pictures", { body: form as never, bodySerializer: (body) => body as never }),
  );
}
