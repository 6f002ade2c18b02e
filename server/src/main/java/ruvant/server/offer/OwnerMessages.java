package ruvant.server.offer;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import ruvant.core.log.NewLine;
import ruvant.core.offer.AskedAbout;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.SaidHow;
import ruvant.core.picture.CostSoFar;
import ruvant.core.picture.JobNow;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;
import ruvant.server.job.JobService;
import ruvant.server.owner.Outbox;
import ruvant.server.owner.OwnerTexts;
import ruvant.server.printing.Amounts;
import ruvant.server.printing.Paper;
import ruvant.server.printing.PdfPrinter;
import ruvant.server.record.RefusedException;

/** Words for an owner as a text message and as an e-mail, and sending the latter through the outbox. */
@Component
class OwnerMessages {
    private static final OwnerTexts TEXTS = OwnerTexts.ENGLISH;

    private final OptionsService options;
    private final JobService jobs;
    private final Outbox outbox;
    private final PdfPrinter printer;
    private final Clock clock;

    OwnerMessages(OptionsService options, JobService jobs, Outbox outbox, PdfPrinter printer, Clock clock) {
        this.options = options;
        this.jobs = jobs;
        this.outbox = outbox;
        this.printer = printer;
        this.clock = clock;
    }

    /** What a message is about. */
    enum MessageAbout {
        OPTIONS(AskedAbout.OPTIONS),
        LIMIT(AskedAbout.LIMIT),
        CONSENT(AskedAbout.CONSENT),
        OTHER(AskedAbout.OTHER),
        /** Nothing is asked: it can be collected. */
        READY(null);

        private final AskedAbout asked;

        MessageAbout(AskedAbout asked) {
            this.asked = asked;
        }
    }

    /**
     * A message as it would be sent.
     *
     * @param text for a phone
     * @param attached whether the letter with the options goes along with the e-mail
     */
    record OwnerMessage(String to, String text, String subject, String body, boolean attached) {}

    LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    OwnerMessage message(TagNumber tag, MessageAbout about, String question) {
        JobNow job = options.job(tag);
        var received = job.picture().received();
        String shop = shopName(job);
        String camera = received.camera().words();
        String text = text(job, about, question, shop, camera);
        boolean attached = about == MessageAbout.OPTIONS;
        String subject = TEXTS.say(
                switch (about) {
                    case OPTIONS -> "email.options.subject";
                    case LIMIT, CONSENT, OTHER -> "email.question.subject";
                    case READY -> "email.ready.subject";
                },
                shop,
                camera);
        String said = attached ? text + "\n\n" + TEXTS.say("email.attached") : text;
        return new OwnerMessage(
                address(received.owner().contact()),
                text,
                subject,
                TEXTS.say("email.body", received.owner().name(), said, shop),
                attached);
    }

    private String text(JobNow job, MessageAbout about, String question, String shop, String camera) {
        String tag = job.picture().tag().toString();
        return switch (about) {
            case OPTIONS -> TEXTS.say("text.options", shop, camera, tag, optionLines(job));
            case LIMIT -> limit(job, shop, camera, tag);
            case CONSENT, OTHER -> TEXTS.say("text.question", shop, camera, tag, question.strip());
            case READY ->
                TEXTS.say(
                        "text.ready",
                        shop,
                        camera,
                        tag,
                        TEXTS.day(today().plusDays(job.shop().pricing().terms().collectDays())));
        };
    }

    private String optionLines(JobNow job) {
        OfferEntry.OptionsDrawn sheet = sheet(job);
        List<OptionsService.OptionRow> rows = options.rows(job, sheet);
        Amounts amounts = amounts(job);
        return IntStream.range(0, rows.size())
                .mapToObj(at -> TEXTS.say(
                        "text.option",
                        at + 1,
                        sheet.options().get(at).name(),
                        amounts.money(rows.get(at).figures().expectedMinor())))
                .collect(Collectors.joining(" "));
    }

    private static String limit(JobNow job, String shop, String camera, String tag) {
        CostSoFar cost = job.cost();
        CostSoFar.Limit limit = cost.limit()
                .orElseThrow(() ->
                        new FieldProblem("about", "No limit was agreed for this camera.", "Ask about something else."));
        Amounts amounts = amounts(job);
        return TEXTS.say(
                "text.limit",
                shop,
                camera,
                tag,
                amounts.money(limit.limitMinor()),
                amounts.money(cost.minor()),
                amounts.money(limit.leftMinor()));
    }

    private static Amounts amounts(JobNow job) {
        CurrencyHere money = job.shop().practice().reckoning().money();
        return new Amounts(money.currency(), money.locale());
    }

    private OfferEntry.OptionsDrawn sheet(JobNow job) {
        return options.sheet(job)
                .map(one -> one.what())
                .orElseThrow(() -> new FieldProblem(
                        "options", "There is no sheet of options yet.", "Log the options first, then ask the owner."));
    }

    /** The name alone: the address stands after the first comma. */
    private static String shopName(JobNow job) {
        String line = job.shop().practice().head().shopName();
        return line.contains(",") ? line.substring(0, line.indexOf(',')) : line;
    }

    /** The first word of what was noted that looks like an address. */
    private static String address(String contact) {
        for (String word : contact.split("[\\s,;]+")) {
            if (word.matches("[^@]+@[^@]+\\.[^@]+")) {
                return word;
            }
        }
        return "";
    }

    /** The letter with the options that hold. */
    String letter(TagNumber tag, Paper paper) {
        JobNow job = options.job(tag);
        OfferEntry.OptionsDrawn sheet = sheet(job);
        return new OwnerLetter(TEXTS, job, sheet, options.rows(job, sheet), options.dates(job, sheet), today())
                .html(paper);
    }

    /** Puts an e-mail into the outbox and logs it; said twice with the same id, it goes once. */
    String email(TagNumber tag, String by, UUID id, MessageAbout about, String question, String to) {
        OwnerMessage message = message(tag, about, question);
        JobNow job = options.job(tag);
        Optional<Outbox.Letter.Attachment> letter = message.attached()
                ? Optional.of(new Outbox.Letter.Attachment(tag + ".pdf", printer.pdf(letter(tag, Paper.A4))))
                : Optional.empty();
        OfferEntry entry = entry(about, question, message);
        jobs.refusal(tag, List.of(entry)).ifPresent(no -> {
            throw new RefusedException(no, List.of(), List.of());
        });
        String from =
                job.shop().pricing().seller().map(one -> one.party().email()).orElse("");
        String file = outbox.keep(
                new Outbox.Letter(id, from, shopName(job), to, message.subject(), message.body(), letter),
                clock.instant());
        jobs.append(tag, by, 0, List.of(new NewLine(id, null, null, entry)));
        return file;
    }

    private OfferEntry entry(MessageAbout about, String question, OwnerMessage message) {
        String asked = question.isBlank() ? message.text() : question;
        return about.asked == null
                ? new OfferEntry.ToldReady(SaidHow.EMAIL, today(), "")
                : new OfferEntry.OwnerAsked(asked, about.asked, SaidHow.EMAIL, null);
    }
}
