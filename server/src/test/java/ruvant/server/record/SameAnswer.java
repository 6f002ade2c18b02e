package ruvant.server.record;

import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import ruvant.core.units.Named;
import tools.jackson.databind.JsonNode;

/** Whether an answer still says all that an older one said. New fields may come; what was there must stand. */
final class SameAnswer {
    /** What is worked out from the time of day and nothing else. */
    private static final Set<String> OF_THE_MOMENT = Set.of("now", "closedAt");

    /** What is concluded from more than the log by now: which parts lie over which. */
    private static final Set<String> CONCLUDED = Set.of("over", "depth", "level");

    /** What was told by words alone and has an id beside them by now, and what has a plainer name. */
    private static final Map<String, String> NAMED_OTHERWISE = Map.of(
            "text", "what",
            "name", "what",
            "bench", "sitting",
            "foretold", "predicted",
            "goes", "passes",
            "opticsGoes", "glassPasses");

    /** What stood side by side then, and stands in one of these by now. */
    private static final List<String> GROUPS = List.of(
            "/head",
            "/standards",
            "/speeds",
            "/reckoning",
            "/off",
            "/settled",
            "/place",
            "/gone",
            "/lies",
            "/held",
            "/beware",
            "/how",
            "/with",
            "/pieces",
            "/origin",
            "/house",
            "/stands",
            "/put",
            "/what",
            "/chances",
            "/effort",
            "/worth",
            "/work",
            "/after",
            "/proof");

    /** What is called otherwise in its group, since the group's name says the rest. */
    private static final Map<String, String> MOVED = Map.ofEntries(
            Map.entry("opticsGoes", "/standards/glassPasses"),
            Map.entry("removalId", "/off/id"),
            Map.entry("removedAt", "/off/at"),
            Map.entry("removedBy", "/off/by"),
            Map.entry("timesOff", "/off/times"),
            Map.entry("settledAt", "/settled/at"),
            Map.entry("settledBy", "/settled/by"),
            Map.entry("stripTakes", "/takes/off"),
            Map.entry("refitTakes", "/takes/back"),
            Map.entry("kindLabel", "/kind/label"),
            Map.entry("houseWords", "/house/words"),
            Map.entry("oiledWith", "/put/with"),
            Map.entry("placesSubstituted", "/places/substituted"),
            Map.entry("placesEmpty", "/places/empty"),
            Map.entry("nominalSeconds", "/nominal/seconds"),
            Map.entry("nominalSource", "/nominal/source"),
            Map.entry("toleranceEv", "/allowed/ev"),
            Map.entry("toleranceSource", "/allowed/source"),
            Map.entry("biasEv", "/bias/ev"),
            Map.entry("percent", "/bias/percent"),
            Map.entry("lowEv", "/bias/lowEv"),
            Map.entry("highEv", "/bias/highEv"),
            Map.entry("scatterEv", "/scatter/ev"),
            Map.entry("scatterTooWide", "/scatter/tooWide"),
            Map.entry("leadingSeconds", "/travel/leadingSeconds"),
            Map.entry("trailingSeconds", "/travel/trailingSeconds"),
            Map.entry("taperEv", "/taper/ev"),
            Map.entry("taperAllowedEv", "/taper/allowedEv"),
            Map.entry("evenLeading", "/taper/evenLeading"),
            Map.entry("evenTrailing", "/taper/evenTrailing"));

    private SameAnswer() {}

    /**
     * Notes every place at which the answer now says other than then.
     *
     * @param where for reading: the path so far
     * @param differences what was found is added here
     */
    static void compare(String where, JsonNode then, JsonNode now, List<String> differences) {
        if (now == null || now.isMissingNode()) {
            differences.add(where + ": gone, was " + brief(then));
        } else if (then.isTextual() && now.has("words")) {
            // what was told by its words then is told by its id now, with the words beside
            boolean same = then.asText().equalsIgnoreCase(now.get("words").asText())
                    || Reworded.same(then.asText(), now.get("words").asText())
                    || Named.idOf(then.asText()).equals(now.path("id").asText());
            if (!same) {
                differences.add(where + ": " + now + ", was " + then);
            }
        } else if (then.isTextual() && now.has("what") && now.has("when")) {
            // a check has its moment beside it now
            compare(where, then, now.get("what"), differences);
        } else if (then.isTextual() && now.has("label")) {
            // what was told by its id then has its word beside it now
            compare(where + "/id", then, now.get("id"), differences);
        } else if (then.isObject() && now.isObject()) {
            then.properties().stream()
                    .filter(field -> !OF_THE_MOMENT.contains(field.getKey()))
                    .filter(field -> !(where.matches(".*/valley/parts/\\d+") && CONCLUDED.contains(field.getKey())))
                    .forEach(field -> compare(
                            where + "/" + field.getKey(), field.getValue(), now(now, field.getKey()), differences));
        } else if (then.isArray() && now.isArray()) {
            if (then.size() != now.size()) {
                differences.add(where + ": " + now.size() + " of " + then.size() + ", " + brief(then));
            }
            for (int i = 0; i < Math.min(then.size(), now.size()); i++) {
                compare(where + "/" + i, then.get(i), now.get(i), differences);
            }
        } else if (then.isNumber() && now.isNumber()) {
            if (Math.abs(then.asDouble() - now.asDouble()) > 1e-9 * Math.max(1, Math.abs(then.asDouble()))) {
                differences.add(where + ": " + now + ", was " + then);
            }
        } else if (millis(then) != null && millis(now) != null) {
            // what was answered from memory had more digits than what is kept
            if (Math.abs(millis(then) - millis(now)) > 1) {
                differences.add(where + ": " + now + ", was " + then);
            }
        } else if (!then.equals(now)
                && !(then.isTextual() && now.isTextual() && Reworded.same(then.asText(), now.asText()))) {
            differences.add(where + ": " + brief(now) + ", was " + brief(then));
        }
    }

    private static JsonNode now(JsonNode now, String field) {
        if (now.has(field)) {
            return now.get(field);
        }
        JsonNode otherwise = now.get(NAMED_OTHERWISE.getOrDefault(field, field));
        if (otherwise != null) {
            return otherwise;
        }
        JsonNode moved = now.at(MOVED.getOrDefault(field, "/" + field));
        if (!moved.isMissingNode()) {
            return moved;
        }
        return GROUPS.stream()
                .map(group -> now.at(group).get(field))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    private static Long millis(JsonNode node) {
        if (!node.isTextual()) {
            return null;
        }
        try {
            String text = node.asText();
            return text.startsWith("P")
                    ? Duration.parse(text).toMillis()
                    : Instant.parse(text).toEpochMilli();
        } catch (DateTimeParseException neither) {
            return null;
        }
    }

    private static String brief(JsonNode node) {
        String all = node.toString();
        return all.length() > 120 ? all.substring(0, 120) + "…" : all;
    }
}
