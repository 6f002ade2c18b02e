package ruvant.core.album;

import static ruvant.core.job.JobEffect.Plain.BESIDE_THE_WORK;
import static ruvant.core.units.Phrase.part;
import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** Pictures of the work, and the numbered pins on them. */
public final class AlbumRoom implements JobRoom<AlbumEntry> {
    @Override
    public Class<AlbumEntry> entries() {
        return AlbumEntry.class;
    }

    @Override
    public RoomFold<AlbumEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(AlbumEntry entry, Standing now) {
        return switch (entry) {
            case AlbumEntry.Pictured picture -> Optional.empty();
            case AlbumEntry.PictureToCome awaited -> Optional.empty();
            case AlbumEntry.Pinned pin -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(AlbumEntry entry) {
        return switch (entry) {
            case AlbumEntry.Pictured picture -> List.of(BESIDE_THE_WORK);
            case AlbumEntry.PictureToCome awaited -> List.of(BESIDE_THE_WORK);
            case AlbumEntry.Pinned pin -> List.of(BESIDE_THE_WORK);
        };
    }

    @Override
    public String words(AlbumEntry entry, Names names) {
        return switch (entry) {
            case AlbumEntry.Pictured picture -> "picture" + part(" of ", picture.part()) + with(": ", picture.shows());
            case AlbumEntry.PictureToCome awaited ->
                "picture to add" + part(" of ", awaited.part()) + ": " + awaited.shows();
            case AlbumEntry.Pinned pin ->
                "pin " + pin.number() + ", " + pin.what().label() + with(": ", pin.words()) + part(" of ", pin.part())
                        + (pin.well() == null ? "" : ", well " + pin.well());
        };
    }

    /** Folds pictures and pins. */
    public static final class Fold implements RoomFold<AlbumEntry> {
        private final Map<String, Line> pictures = new LinkedHashMap<>();
        private final Map<UUID, Album.ToCome> toCome = new LinkedHashMap<>();
        private final Map<String, List<Album.Pin>> pins = new LinkedHashMap<>();

        @Override
        public Optional<Refusal> objection(Line line, AlbumEntry entry) {
            return switch (entry) {
                case AlbumEntry.Pictured taken
                when pictures.containsKey(taken.name()) ->
                    Optional.of(new Refusal(
                            "pictureTwice",
                            "That picture is in this job already.",
                            "Put a pin on it, or take another picture."));
                case AlbumEntry.Pictured taken
                when taken.meets() != null && !toCome.containsKey(taken.meets()) ->
                    Optional.of(new Refusal(
                            "notToCome",
                            "No picture by that name is waiting in this job.",
                            "Add it without choosing a waiting one."));
                case AlbumEntry.Pictured taken -> Optional.empty();
                case AlbumEntry.PictureToCome awaited -> Optional.empty();
                case AlbumEntry.Pinned pin
                when !pictures.containsKey(pin.picture()) ->
                    Optional.of(new Refusal(
                            "noPicture", "The picture of that pin is not in this job.", "Add the picture first."));
                case AlbumEntry.Pinned pin
                when taken(pin) ->
                    Optional.of(new Refusal(
                            "pinTwice",
                            "Pin " + pin.number() + " is on that picture already.",
                            "Use the next number."));
                case AlbumEntry.Pinned pin -> Optional.empty();
            };
        }

        private boolean taken(AlbumEntry.Pinned pin) {
            return pins.getOrDefault(pin.picture(), List.of()).stream()
                    .anyMatch(one -> one.what().number() == pin.number());
        }

        @Override
        public void take(Line line, AlbumEntry entry) {
            switch (entry) {
                case AlbumEntry.Pictured taken -> {
                    pictures.put(taken.name(), line);
                    if (taken.meets() != null) {
                        toCome.remove(taken.meets());
                    }
                }
                case AlbumEntry.PictureToCome awaited ->
                    toCome.put(line.id(), new Album.ToCome(line.id(), line.at(), awaited));
                case AlbumEntry.Pinned pin ->
                    pins.computeIfAbsent(pin.picture(), name -> new ArrayList<>())
                            .add(new Album.Pin(line.id(), pin));
            }
        }

        /** The album so far. */
        public Album album() {
            return new Album(pictures.values().stream().map(this::shot).toList(), List.copyOf(toCome.values()));
        }

        private Album.Shot shot(Line line) {
            AlbumEntry.Pictured what = (AlbumEntry.Pictured) line.entry();
            List<Album.Pin> own = pins.getOrDefault(what.name(), List.of()).stream()
                    .sorted(Comparator.comparingInt(pin -> pin.what().number()))
                    .toList();
            return new Album.Shot(line.id(), line.at(), line.by(), what, own);
        }
    }
}
