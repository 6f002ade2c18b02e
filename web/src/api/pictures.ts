import { answer, Problem, server } from "./client";
import { texts } from "./words";

/** Where a picture is, by the name it is kept under: in full, and small enough for a list. */
export const wholeOf = (name: string) => `/api/pictures/${name}`;
export const smallOf = (name: string) => `/api/pictures/${name}/small`;

const LARGEST_MB = 25;

/** Pictures that this window handed in itself: nobody has to be told of them. */
const own = new Set<string>();

export const isOwnPicture = (name: string) => own.has(name);

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
  const kept = await answer(
    server.POST("/api/pictures", { body: form as never, bodySerializer: (body) => body as never }),
  );
  own.add(kept.name);
  return kept;
}
