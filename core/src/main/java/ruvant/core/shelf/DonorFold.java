package ruvant.core.shelf;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Line;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** Donors and what is left in them. */
final class DonorFold {
    private static final class Body {
        private Line since;
        private DonorBody body;
        private boolean opened;
        private Optional<String> gone = Optional.empty();
        private final Map<String, PartState> states = new HashMap<>();
        private final Map<String, String> remarks = new HashMap<>();
        private final Map<String, ForNeed> usedFor = new HashMap<>();
        private final Map<String, ForNeed> keptFor = new HashMap<>();

        ShelfPicture.DonorPart part(BodyPart part) {
            String key = PartName.of(part.name()).key();
            return new ShelfPicture.DonorPart(
                    part,
                    states.getOrDefault(key, PartState.THERE),
                    Optional.ofNullable(usedFor.get(key)),
                    Optional.ofNullable(keptFor.get(key)),
                    remarks.getOrDefault(key, ""));
        }

        ShelfPicture.DonorHeld picture(UUID id) {
            return new ShelfPicture.DonorHeld(
                    id,
                    since.sequence(),
                    body,
                    since.at(),
                    body.parts().stream().map(this::part).toList(),
                    opened,
                    gone);
        }
    }

    private final Map<UUID, Body> all = new LinkedHashMap<>();

    Optional<Refusal> unknown(UUID id) {
        Body body = all.get(id);
        if (body == null) {
            return ShelfRoom.refuse("donorUnknown", "That donor is not on the shelf.", "Check the list under Donors.");
        }
        return body.gone.isEmpty()
                ? Optional.empty()
                : ShelfRoom.refuse(
                        "donorGone",
                        body.body.words() + " is no longer a donor: " + body.gone.get() + ".",
                        "Choose another.");
    }

    /** Why a need cannot have the part. */
    Optional<Refusal> objection(Thing thing, ForNeed need) {
        return unknown(thing.of()).or(() -> {
            Optional<ShelfPicture.DonorPart> part =
                    all.get(thing.of()).picture(thing.of()).part(thing.part());
            if (part.isEmpty()) {
                return noSuchPart(thing.of(), thing.part());
            }
            ShelfPicture.DonorPart known = part.get();
            if (known.freeFor(need)) {
                return Optional.empty();
            }
            return known.state() == PartState.THERE
                    ? ShelfRoom.refuse(
                            "keptForAnother",
                            "“" + thing.part() + "” is reserved for "
                                    + known.keptFor().orElseThrow() + ".",
                            "Release it there, or choose another source.")
                    : ShelfRoom.refuse(
                            "notInIt",
                            "“" + thing.part() + "” is " + known.state().label()
                                    + known.usedFor().map(who -> " for " + who).orElse("") + ".",
                            "Choose another source.");
        });
    }

    private Optional<Refusal> noSuchPart(UUID donor, String part) {
        return ShelfRoom.refuse(
                "partUnknown",
                "“" + part + "” is not in the parts list of "
                        + all.get(donor).body.words() + ".",
                "Add it to the list first.");
    }

    Optional<Refusal> objection(ShelfEntry.DonorPartSeen seen) {
        return unknown(seen.donor()).or(() -> {
            Optional<ShelfPicture.DonorPart> part =
                    all.get(seen.donor()).picture(seen.donor()).part(seen.part());
            if (part.isEmpty()) {
                return noSuchPart(seen.donor(), seen.part());
            }
            return part.get().state() == PartState.TAKEN
                    ? ShelfRoom.refuse(
                            "partTaken",
                            "“" + seen.part() + "” was taken for "
                                    + part.get().usedFor().orElseThrow() + ".",
                            "Return it first.")
                    : Optional.empty();
        });
    }

    /** A new description keeps the parts that were taken or are kept. */
    Optional<Refusal> dropsTaken(ShelfEntry.DonorDescribed described) {
        return all.get(described.donor()).picture(described.donor()).parts().stream()
                .filter(one -> one.usedFor().isPresent() || one.keptFor().isPresent())
                .filter(one -> described.as().part(one.part().name()).isEmpty())
                .findFirst()
                .flatMap(one -> ShelfRoom.refuse(
                        "partInUse",
                        "“" + one.part().name() + "” is taken or reserved, but not in the new list.",
                        "Keep it in the list."));
    }

    Optional<Refusal> stillKept(UUID donor) {
        return all.get(donor).keptFor.values().stream()
                .findFirst()
                .flatMap(need -> ShelfRoom.refuse(
                        "keptForAnother", "Part of it is reserved for " + need + ".", "Release that first."));
    }

    boolean keeps(Thing thing, ForNeed need) {
        Body body = all.get(thing.of());
        return body != null && need.equals(body.keptFor.get(thing.partKey()));
    }

    void put(Line line, DonorBody donor) {
        Body body = new Body();
        body.since = line;
        body.body = donor;
        all.put(line.id(), body);
    }

    void described(UUID id, DonorBody as) {
        all.get(id).body = as;
    }

    void seen(ShelfEntry.DonorPartSeen seen) {
        Body body = all.get(seen.donor());
        String key = PartName.of(seen.part()).key();
        body.states.put(key, seen.state());
        body.remarks.put(key, seen.remark());
    }

    void gone(UUID id, String why) {
        all.get(id).gone = Optional.of(why);
    }

    void keep(Thing thing, Optional<ForNeed> need) {
        Body body = all.get(thing.of());
        body.keptFor.remove(thing.partKey());
        need.ifPresent(who -> body.keptFor.put(thing.partKey(), who));
    }

    ShelfPicture.TakenFrom take(Thing thing, ForNeed need) {
        Body body = all.get(thing.of());
        body.states.put(thing.partKey(), PartState.TAKEN);
        body.usedFor.put(thing.partKey(), need);
        body.keptFor.remove(thing.partKey());
        body.opened = true;
        return new ShelfPicture.TakenFrom(body.body.words() + ", D-" + body.since.sequence(), body.body.kind(), "", 0);
    }

    String words(UUID id) {
        return all.get(id).body.words();
    }

    void back(Thing thing) {
        Body body = all.get(thing.of());
        body.states.put(thing.partKey(), PartState.THERE);
        body.usedFor.remove(thing.partKey());
    }

    List<ShelfPicture.DonorHeld> all() {
        return all.entrySet().stream()
                .map(one -> one.getValue().picture(one.getKey()))
                .toList();
    }
}
