package ruvant.core.album;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ruvant.core.units.PartName;

/**
 * The pictures of a job.
 *
 * @param shots oldest first
 * @param toCome pictures that were taken elsewhere and are not here yet, oldest first
 */
public record Album(List<Shot> shots, List<ToCome> toCome) {
    /** A picture that is still to be added, and the line that said so. */
    public record ToCome(UUID id, Instant at, AlbumEntry.PictureToCome what) {}

    /**
     * One picture.
     *
     * @param id the line that carries it
     * @param pins by rising number
     */
    public record Shot(UUID id, Instant at, String by, AlbumEntry.Pictured what, List<Pin> pins) {}

    /** A pin and the line that carries it. */
    public record Pin(UUID id, AlbumEntry.Pinned what) {}

    /** The pictures that show a part, or have a pin of it. */
    public List<Shot> of(PartName part) {
        return shots.stream()
                .filter(shot -> part.equals(shot.what().part())
                        || shot.pins().stream()
                                .anyMatch(pin -> part.equals(pin.what().part())))
                .toList();
    }
}
