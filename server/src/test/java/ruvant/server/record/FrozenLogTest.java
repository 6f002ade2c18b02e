package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import ruvant.core.accounts.AccountsFold;
import ruvant.core.accounts.AccountsRoom;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.adjust.AdjustersRoom;
import ruvant.core.customers.CustomersRoom;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FaultsRoom;
import ruvant.core.hours.HoursRoom;
import ruvant.core.house.HousePractice;
import ruvant.core.house.HouseRoom;
import ruvant.core.house.ListsRoom;
import ruvant.core.house.SheetRoom;
import ruvant.core.job.JobEntry;
import ruvant.core.log.Entry;
import ruvant.core.log.Folding;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.RecordEntry;
import ruvant.core.money.MoneyRoom;
import ruvant.core.people.Right;
import ruvant.core.people.RightToLog;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.ShopRooms;
import ruvant.core.shelf.ShelfRoom;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TablesRoom;
import ruvant.server.config.EntryJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.DateTimeFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The logs of a shop as version 1 of the entries wrote them, every kind at least once, and what they came to. Any later
 * version reads them and comes to the same; neither file is ever made anew for what is in it already. A new kind of entry
 * is added at the end of a log, and what it comes to with it.
 */
class FrozenLogTest {
    private static final String LOGS = "/frozen/version-1.jsonl";
    private static final String CAME_TO = "/frozen/version-1.came-to.json";
    private static final JsonMapper JSON = HardKillTest.json()
            .rebuild()
            .addMixIn(Valley.class, AsItsParts.class)
            .build();

    /** A valley as it is compared: by its parts. */
    private interface AsItsParts {
        @JsonProperty
        List<ValleyPart> parts();
    }

    /** Whoever owns the shop may log anything, and somebody who may do nothing nothing; a kind without a rule would throw. */
    @Test
    void everyKindOfEntrySaysWhoMayLogIt() throws IOException {
        for (JsonNode line : frozen()) {
            Entry entry = JSON.treeToValue(line.get("entry"), Entry.class);
            assertThat(RightToLog.mayLog(entry, right -> true, id -> Optional.empty()))
                    .as(entry.toString())
                    .isTrue();
            if (!(entry instanceof RecordEntry.Struck || entry instanceof RecordEntry.StrikeUndone)) {
                assertThat(RightToLog.mayLog(entry, right -> false, id -> Optional.empty()))
                        .as(entry.toString())
                        .isFalse();
            }
        }
    }

    /** What is left out of a line for somebody would be lost if they said the line anew. */
    @Test
    void noPriceIsInALineThatSomebodyMaySayAnewWhoIsNotShownIt() throws IOException {
        for (JsonNode line : frozen()) {
            boolean priced = line.get("entry").findParents("minor").size() > 0
                    || Pattern.compile("\\w+Minor\"")
                            .matcher(line.get("entry").toString())
                            .find();
            Entry entry = JSON.treeToValue(line.get("entry"), Entry.class);
            if (priced && !(entry instanceof RecordEntry)) {
                assertThat(RightToLog.mayLog(
                                new RecordEntry.Amended(UUID.randomUUID(), entry, ""),
                                // with the shop's settings goes everything else
                                right -> right != Right.MONEY && right != Right.HOUSE,
                                id -> Optional.empty()))
                        .as(entry.toString())
                        .isFalse();
            }
        }
    }

    @Test
    void everyKindOfEntryIsInIt() throws IOException {
        TreeSet<String> kinds = new TreeSet<>();
        for (JsonNode line : frozen()) {
            // as it is called now: some kinds had an older name when this was written
            kinds.add(EntryJson.kind(
                    JSON.treeToValue(line.get("entry"), Entry.class).getClass()));
        }
        assertThat(kinds)
                .containsExactlyElementsOf(EntryJson.kinds().stream()
                        // nobody logs this one
                        .filter(one -> one != RecordEntry.Unreadable.class)
                        .map(EntryJson::kind)
                        .sorted()
                        .toList());
    }

    @Test
    void everyEntryIsWrittenAsItWasRead() throws IOException {
        JsonMapper asStored = JSON.rebuild()
                .disable(DateTimeFeature.WRITE_DATES_AS_TIMESTAMPS)
                .build();
        List<String> differences = new ArrayList<>();
        for (JsonNode line : frozen()) {
            Entry entry = JSON.treeToValue(line.get("entry"), Entry.class);
            SameAnswer.compare(
                    line.get("id").asText(),
                    line.get("entry"),
                    JSON.readTree(asStored.writeValueAsString(entry)),
                    differences);
        }
        assertThat(differences).isEmpty();
    }

    @Test
    void allOfItComesToWhatItCameTo() throws IOException {
        JsonNode then;
        try (InputStream in = FrozenLogTest.class.getResourceAsStream(CAME_TO)) {
            then = JSON.readTree(in);
        }
        List<String> differences = new ArrayList<>();
        SameAnswer.compare("", then, comesTo(), differences);
        assertThat(differences).isEmpty();
    }

    /** Writes down what a kind that was just added comes to; never run where an older answer would change by it. */
    @Test
    @EnabledIfSystemProperty(named = "ruvant.freeze", matches = "true")
    void freeze() throws IOException {
        Files.writeString(
                Path.of("src/test/resources" + CAME_TO),
                JSON.writerWithDefaultPrettyPrinter().writeValueAsString(comesTo()) + "\n");
    }

    private static ObjectNode comesTo() throws IOException {
        ObjectNode all = JSON.createObjectNode();
        for (Map.Entry<String, List<Line>> one : logs().entrySet()) {
            all.set(one.getKey(), JSON.readTree(JSON.writeValueAsString(comesTo(one.getKey(), one.getValue()))));
        }
        return all;
    }

    private static Object comesTo(String name, List<Line> lines) {
        return switch (name) {
            case "shelf" ->
                Folding.of(ShelfRoom.ROOMS, new Log<>(new LogName(name), lines))
                        .of(ShelfRoom.Fold.class)
                        .picture();
            case "accounts" ->
                Folding.of(AccountsRoom.ROOMS, new Log<>(new LogName(name), lines))
                        .of(AccountsFold.class)
                        .picture();
            case "customers" ->
                Folding.of(CustomersRoom.ROOMS, new Log<>(new LogName(name), lines))
                        .of(CustomersRoom.Fold.class)
                        .picture();
            case "house" -> {
                Folding folding = Folding.of(
                        ShopRooms.house(Materials.EMPTY, TradeLists.EMPTY), new Log<>(new LogName(name), lines));
                HouseRoom.Fold house = folding.of(HouseRoom.Fold.class);
                yield Map.of(
                        "practice", house.practice(),
                        "stands", house.stands(),
                        "hours",
                                folding.of(HoursRoom.Fold.class)
                                        .hours(house.practice().people()),
                        "pricing", folding.of(MoneyRoom.Fold.class).pricing(4_000),
                        "tables", folding.of(TablesRoom.Fold.class).changes(),
                        "lists", folding.of(ListsRoom.Fold.class).changes());
            }
            case "knowledge" -> {
                Folding folding = Folding.of(
                        ShopRooms.knowledge(FaultKnowledge.EMPTY, AdjusterBook.EMPTY),
                        new Log<>(new LogName(name), lines));
                yield Map.of(
                        "sheets", folding.of(SheetRoom.Fold.class).sheets(),
                        "faults", folding.of(FaultsRoom.Fold.class).changes(),
                        "adjusters", folding.of(AdjustersRoom.Fold.class).changes());
            }
            default -> JobPicture.of(new Log<JobEntry>(new LogName(name), lines), HousePractice.starting());
        };
    }

    private static Map<String, List<Line>> logs() throws IOException {
        Map<String, List<Line>> logs = new LinkedHashMap<>();
        for (JsonNode line : frozen()) {
            logs.computeIfAbsent(line.get("log").asText(), any -> new ArrayList<>())
                    .add(new Line(
                            UUID.fromString(line.get("id").asText()),
                            line.get("sequence").asLong(),
                            Instant.parse(line.get("at").asText()),
                            line.get("by").asText(),
                            line.hasNonNull("before")
                                    ? UUID.fromString(line.get("before").asText())
                                    : null,
                            JSON.treeToValue(line.get("entry"), Entry.class)));
        }
        logs.values().forEach(lines -> lines.sort(Comparator.comparingLong(Line::sequence)));
        return logs;
    }

    private static List<JsonNode> frozen() throws IOException {
        try (InputStream in = FrozenLogTest.class.getResourceAsStream(LOGS)) {
            List<JsonNode> lines = new ArrayList<>();
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                lines.add(JSON.readTree(line));
            }
            return lines;
        }
    }
}
