package ruvant.core.parts.shelf;

import java.util.Locale;

/** A line of the shelf in words. */
public final class ShelfWords {
    private ShelfWords() {}

    /**
     * What an entry says.
     *
     * @param shelf the shelf as it is now, for the names of things
     */
    public static String of(ShelfEntry entry, ShelfPicture shelf) {
        return switch (entry) {
            case ShelfEntry.StockAdded one ->
                "on the shelf: " + one.count() + " × " + one.stock().words() + ", "
                        + one.stock().place();
            case ShelfEntry.StockDescribed one -> "described anew: " + one.as().words();
            case ShelfEntry.StockRefilled one ->
                "refilled by " + one.count() + ": " + shelf.words(Thing.stock(one.stock())) + from(one.origin());
            case ShelfEntry.StockCounted one ->
                "counted: " + one.count() + " × " + shelf.words(Thing.stock(one.stock()));
            case ShelfEntry.Reserved one ->
                "kept for " + one.forNeed().tag() + ": " + counted(one.count(), shelf.words(one.thing()));
            case ShelfEntry.Released one ->
                "no longer kept for " + one.forNeed().tag() + ": " + shelf.words(one.thing());
            case ShelfEntry.Taken one ->
                "taken for " + one.forNeed().tag() + ": " + counted(one.count(), shelf.words(one.thing()));
            case ShelfEntry.BackOnShelf one ->
                "back from " + one.forNeed().tag() + ": " + counted(one.count(), shelf.words(one.thing()))
                        + because(one.why());
            case ShelfEntry.DonorShelved one ->
                "kept for its parts: " + one.body().words();
            case ShelfEntry.DonorDescribed one ->
                "donor described anew: " + one.as().words();
            case ShelfEntry.DonorPartSeen one ->
                shelf.words(new Thing(one.donor(), one.part())) + ": "
                        + one.state().label() + because(one.remark());
            case ShelfEntry.DonorGone one ->
                "no donor any more: "
                        + shelf.donor(one.donor())
                                .map(donor -> donor.body().words())
                                .orElse("gone") + because(one.why());
            case ShelfEntry.Ordered one ->
                "ordered from " + one.supplier() + ": " + counted(one.count(), one.name())
                        + (one.madeFor().fitsMany()
                                ? ""
                                : " for " + one.madeFor().words())
                        + (one.forNeed() == null ? "" : ", for " + one.forNeed());
            case ShelfEntry.OrderEnded one ->
                "order ended: "
                        + shelf.order(one.order())
                                .map(order -> order.what().name())
                                .orElse("gone") + because(one.why());
            case ShelfEntry.Unpacked one ->
                "unpacked: " + counted(one.count(), one.came().words())
                        + (one.asOrdered() ? "" : ", not what was ordered");
            case ShelfEntry.FitStated one ->
                "said to fit " + one.stated().strength().label() + ": "
                        + (one.stated().part().isEmpty()
                                ? "parts"
                                : one.stated().part()) + " of "
                        + one.stated().from().words() + " in "
                        + one.stated().into().words() + because(one.stated().note());
            case ShelfEntry.ShelfStruck one -> "struck a line" + because(one.why());
        };
    }

    private static String counted(int count, String what) {
        return count == 1 ? what : String.format(Locale.ROOT, "%d × %s", count, what);
    }

    private static String from(String origin) {
        return origin.isEmpty() ? "" : ", from " + origin;
    }

    private static String because(String why) {
        return why.isEmpty() ? "" : ": " + why;
    }
}
