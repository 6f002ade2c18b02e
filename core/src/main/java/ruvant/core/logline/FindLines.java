package ruvant.core.logline;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.find.FindEntry;
import ruvant.core.find.FindPicture;
import ruvant.core.find.Seen;
import ruvant.core.find.Shown;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What lines about symptoms, findings and suspects put into the record. */
final class FindLines {
    private final JobPicture picture;
    private final KnownParts parts;

    FindLines(JobPicture picture, KnownParts parts) {
        this.picture = picture;
        this.parts = parts;
    }

    List<JobEntry> finding(Fields said) {
        if (said.has("says")) {
            return List.of(new FindEntry.Found(said.text("says")));
        }
        PartName part = said.has("part") ? parts.known(said.text("part")) : null;
        return List.of(new FindEntry.Found(new Seen(
                part,
                said.text("place"),
                said.text("condition"),
                said.text("degree"),
                said.count("count", 0),
                said.is("negated"),
                said.has("watch"))));
    }

    List<JobEntry> symptom(Fields said) {
        String words = said.needed("says", "It is not said what it does.", "Say what can be seen or heard.");
        Shown shown = new Shown(
                said.text("speed"),
                said.text("when"),
                said.number("odds").filter(odds -> odds > 0).orElse(null),
                said.is("negated"));
        boolean bare = shown.words().isEmpty();
        return List.of(new FindEntry.SymptomSeen(Named.of(words), bare ? null : shown));
    }

    List<JobEntry> suspect(Fields said) {
        return List.of(new FindEntry.SuspectRaised(
                said.needed("what", "No suspect is named.", "Name what you suspect."), said.text("why")));
    }

    List<JobEntry> cleared(Fields said) {
        String what = said.text("what");
        Named suspect = open(what)
                .orElseThrow(() -> new FieldProblem(
                        "what",
                        "“" + what + "” is not among the suspects.",
                        picture.find().suspects().isEmpty()
                                ? "There are none: add it as a suspect first."
                                : "Clear one of: " + names() + "."));
        return List.of(new FindEntry.SuspectCleared(suspect, said.has("why") ? said.text("why") : "ruled out"));
    }

    private String names() {
        return String.join(
                ", ",
                picture.find().suspects().stream()
                        .filter(one -> one.state() == FindPicture.State.OPEN)
                        .map(FindPicture.Suspect::name)
                        .toList());
    }

    /** The suspect that is meant: exactly one whose words hold all that was said. */
    private Optional<Named> open(String said) {
        List<FindPicture.Suspect> suspects = picture.find().suspects().stream()
                .filter(one -> one.state() == FindPicture.State.OPEN)
                .toList();
        List<String> words = List.of(said.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"));
        List<FindPicture.Suspect> meant = suspects.stream()
                .filter(one -> List.of(one.name().toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                        .containsAll(words))
                .toList();
        return meant.size() == 1 ? Optional.of(meant.getFirst().what()) : Optional.empty();
    }

    /** One word of a suspect is not enough to clear it by the way: a cell is not the light cell. */
    private static boolean certainly(Named suspect, String said) {
        return said.strip().contains(" ") || suspect.words().equalsIgnoreCase(said.strip());
    }

    List<JobEntry> cause(Fields said) {
        String what = said.needed("what", "No cause is named.", "Name the cause.");
        return List.of(new FindEntry.CauseConfirmed(
                open(what).orElseGet(() -> Named.of(what)), said.has("why") ? said.text("why") : "seen"));
    }

    List<JobEntry> root(Fields said) {
        List<FindPicture.Said> causes = picture.find().causes();
        if (causes.isEmpty()) {
            throw new FieldProblem(
                    "what", "No cause is confirmed yet.", "Confirm the cause first, then say what brought it about.");
        }
        return List.of(new FindEntry.RootNamed(causes.getLast().what(), said.text("what")));
    }

    List<JobEntry> swap(Fields said) {
        String part = said.needed("part", "It is not said what was swapped.", "Name the part.");
        boolean changed = !said.text("change").equals("same");
        Optional<Named> known = open(part).filter(one -> certainly(one, part));
        Named suspect = known.orElseGet(() -> Named.of(part));
        String from = said.has("with") ? said.text("with") : "another";
        String seen = changed
                ? !said.remark().isEmpty()
                        ? said.remark()
                        : said.text("change").equals("worse") ? "worse with it" : "cured with it"
                : "";
        if (!changed && known.isEmpty()) {
            // what is no suspect cannot be cleared: that nothing changed is kept as it was seen
            return List.of(new FindEntry.Looked(
                    Named.idOf("swap " + part), "swapping " + part + " with " + from, false, true, said.remark()));
        }
        return List.of(new FindEntry.SwapTried(suspect, part, from, changed, seen));
    }
}
