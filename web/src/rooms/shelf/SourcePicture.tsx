import { smallOf, wholeOf } from "../../api/pictures";
import { texts } from "./words";

/** The picture of a thing on the shelf or of a donor; a press opens it in full. */
export function SourcePicture({
  name,
  of,
  className = "max-h-[240px] max-w-full",
  place = "",
}: {
  name: string;
  of: string;
  className?: string;
  /** Where it stands among its neighbours. */
  place?: string;
}) {
  if (name === "") return null;
  return (
    <a
      href={wholeOf(name)}
      target="_blank"
      rel="noreferrer"
      className={`inline-block self-start rounded-[4px] ${place}`}
    >
      <img
        src={smallOf(name)}
        alt={texts.pictureOf(of)}
        loading="lazy"
        className={`border-line rounded-[4px] border object-cover ${className}`}
      />
    </a>
  );
}
