package ruvant.server.offer;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import ruvant.core.find.FindPicture;
import ruvant.core.odds.OptionFigures;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.OptionKind;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.picture.JobNow;
import ruvant.core.trade.Stop;
import ruvant.core.units.CurrencyHere;
import ruvant.server.owner.OwnerTexts;
import ruvant.server.printing.Amounts;
import ruvant.server.printing.Letterhead;
import ruvant.server.printing.Markup;
import ruvant.server.printing.Paper;

/** The letter to an owner with all options: what each is, costs and risks, and a line to answer on. */
final class OwnerLetter {
    private static final double PERCENT = 100;

    private final OwnerTexts texts;
    private final JobNow job;
    private final OfferEntry.OptionsDrawn sheet;
    private final Map<String, OptionsService.OptionRow> rows;
    private final Map<String, OptionsService.OptionDate> dates;
    private final Amounts amounts;
    private final LocalDate today;

    OwnerLetter(
            OwnerTexts texts,
            JobNow job,
            OfferEntry.OptionsDrawn sheet,
            List<OptionsService.OptionRow> rows,
            List<OptionsService.OptionDate> dates,
            LocalDate today) {
        this.texts = texts;
        this.job = job;
        this.sheet = sheet;
        this.rows = rows.stream().collect(Collectors.toMap(OptionsService.OptionRow::id, Function.identity()));
        this.dates = dates.stream().collect(Collectors.toMap(OptionsService.OptionDate::id, Function.identity()));
        CurrencyHere money = job.shop().practice().reckoning().money();
        this.amounts = new Amounts(money.currency(), money.locale());
        this.today = today;
    }

    String html(Paper paper) {
        var received = job.picture().received();
        StringBuilder body = new StringBuilder();
        body.append("<p dir=\"auto\">%s</p>"
                .formatted(Markup.escape(
                        texts.say("letter.greeting", received.camera().words(), received.complaint()))));
        List<String> found = job.picture().find().causes().stream()
                .map(FindPicture.Said::what)
                .map(one -> one.words())
                .toList();
        if (!found.isEmpty()) {
            body.append(Letterhead.row(texts.say("letter.found"), Markup.escape(String.join(", ", found))));
        }
        if (!sheet.fork().isEmpty()) {
            body.append(Letterhead.row(texts.say("letter.fork"), Markup.escape(sheet.fork())));
        }
        for (RepairOption option : sheet.options()) {
            body.append(Letterhead.row(option.name(), lines(option)));
        }
        body.append("<p class=\"small\">%s</p>"
                .formatted(
                        texts.say(job.shop().pricing().taxes().included() ? "letter.taxIncluded" : "letter.taxAdded")));
        body.append(Letterhead.row(texts.say("letter.answer"), answer()));
        return Letterhead.page(
                paper,
                STYLE,
                job.shop().practice().head().shopName(),
                job.picture().tag(),
                texts.say("letter.title"),
                received.camera().words(),
                List.of(
                        new Letterhead.Fact(
                                texts.say("letter.owner"), received.owner().words()),
                        new Letterhead.Fact(texts.say("letter.day"), texts.day(today))),
                body);
    }

    private String lines(RepairOption option) {
        OptionFigures figures = rows.get(option.id()).figures();
        List<String> lines = new ArrayList<>();
        lines.add("<b>" + Markup.escape(price(figures)) + "</b>");
        String steps = option.steps().stream()
                .filter(one -> one.stop() != Stop.RETURN)
                .map(OptionStep::words)
                .collect(Collectors.joining("; "));
        if (!steps.isEmpty()) {
            lines.add(Markup.escape(steps));
        }
        OptionsService.OptionDate date = dates.get(option.id());
        date.likely()
                .ifPresent(likely -> lines.add(date.safely()
                        .filter(safely -> safely.isAfter(likely))
                        .map(safely -> texts.say("letter.done", texts.day(likely), texts.day(safely)))
                        .orElse(texts.say("letter.doneLikely", texts.day(likely)))));
        if (option.kind() != OptionKind.LEAVE) {
            lines.add(chances(option, figures));
        }
        return lines.stream().map(line -> "<div>" + line + "</div>").collect(Collectors.joining());
    }

    private String chances(RepairOption option, OptionFigures figures) {
        String chance = texts.say("letter.chance", percent(figures.chanceWorks()));
        String known = rows.get(option.id())
                .known()
                .filter(one -> one.of() > 0)
                .map(one -> " (" + texts.say("letter.known", one.worked(), one.of()) + ")")
                .orElse("");
        String lost = figures.chanceLost() == 0 ? "" : "; " + texts.say("letter.lost", percent(figures.chanceLost()));
        return Markup.escape(chance + known + lost);
    }

    private static String percent(double chance) {
        return Long.toString(Math.round(PERCENT * chance));
    }

    String price(OptionFigures figures) {
        long most = Math.round(figures.cost().value());
        return most == figures.expectedMinor()
                ? texts.say("letter.priceExact", amounts.money(most))
                : texts.say("letter.price", amounts.money(figures.expectedMinor()), amounts.money(most));
    }

    private String answer() {
        String until = texts.day(today.plusDays(job.shop().pricing().terms().quoteDays()));
        StringBuilder answer = new StringBuilder("<p>" + Markup.escape(texts.say("letter.answerText", until)) + "</p>");
        sheet.options()
                .forEach(one -> answer.append("<p class=\"line\"><span class=\"box\">\u00a0</span> "
                        + Markup.escape(texts.say("letter.line", one.name())) + "</p>"));
        return answer.append("<p class=\"sign\">" + Markup.escape(texts.say("letter.sign")) + "</p>")
                .toString();
    }

    private static final String STYLE = """
            .small { font-size: 8.5pt; color: #55504a; }
            .line { margin: 5pt 0; }
            .box { display: inline-block; width: 8pt; height: 8pt; border: 0.8pt solid #1b2022; margin-right: 4pt; line-height: 8pt; }
            .sign { margin-top: 26pt; border-top: 0.5pt solid #55504a; width: 70mm; font-size: 8.5pt; padding-top: 2pt; }
            """;
}
