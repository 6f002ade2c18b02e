import type { JobView, PartView } from "../../api/client";

/** The pictures of a part as the album has them, its hole map first: that is what the hand looks for. */
export function shotsOf(job: JobView, part: PartView) {
  const pins = (shot: JobView["album"]["shots"][number]) =>
    shot.pins.filter((pin) => pin.what.part === part.name).length;
  return job.album.shots
    .filter((shot) => part.pictures.includes(shot.what.name))
    .map((shot) => ({ name: shot.what.name, shows: shot.what.shows, pins: pins(shot), shot }))
    .sort((a, b) => b.pins - a.pins);
}
