package ruvant.server.offer;

import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.owner.Outbox;
import ruvant.server.printing.Paper;
import ruvant.server.printing.PdfPrinter;

/** Letters, messages and e-mails to owners. */
@RestController
@Needs(
        value = {Right.LOOK, Right.MONEY, Right.CUSTOMERS},
        job = "tag")
@RequestMapping("/api")
class OwnerController {
    private final OwnerMessages messages;
    private final Outbox outbox;
    private final PdfPrinter printer;

    OwnerController(OwnerMessages messages, Outbox outbox, PdfPrinter printer) {
        this.messages = messages;
        this.outbox = outbox;
        this.printer = printer;
    }

    /** @param question in the shop's words; empty where the message itself says it all */
    record MessageAsked(OwnerMessages.MessageAbout about, String question) {}

    /** An e-mail to be sent. */
    record EmailAsked(String by, UUID id, OwnerMessages.MessageAbout about, String question, String to) {}

    /** @param file of the message in the outbox */
    record EmailKept(String file) {}

    /** What lies in the outbox, the newest first. */
    record OutboxPage(List<String> files) {}

    @GetMapping(path = "/jobs/{tag}/options/letter", produces = MediaType.TEXT_HTML_VALUE)
    String letter(@PathVariable String tag, @RequestParam(defaultValue = "a4") String paper) {
        return messages.letter(TagNumber.parse(tag), Paper.of(paper));
    }

    @GetMapping(path = "/jobs/{tag}/options/letter.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String tag, @RequestParam(defaultValue = "a4") String paper) {
        TagNumber number = TagNumber.parse(tag);
        return named("inline", number + "-options.pdf").body(printer.pdf(messages.letter(number, Paper.of(paper))));
    }

    @Needs(
            value = {Right.DESK, Right.MONEY, Right.CUSTOMERS},
            job = "tag")
    @PostMapping(
            path = "/jobs/{tag}/message",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    OwnerMessages.OwnerMessage message(@PathVariable String tag, @RequestBody MessageAsked asked) {
        return messages.message(TagNumber.parse(tag), about(asked.about()), question(asked.question()));
    }

    @Needs(
            value = {Right.DESK, Right.MONEY, Right.CUSTOMERS},
            job = "tag")
    @PostMapping(
            path = "/jobs/{tag}/email",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    EmailKept email(@PathVariable String tag, @RequestBody EmailAsked asked) {
        if (asked.id() == null) {
            throw new FieldProblem("id", "The id is missing.", "Send it along.");
        }
        return new EmailKept(messages.email(
                TagNumber.parse(tag),
                asked.by(),
                asked.id(),
                about(asked.about()),
                question(asked.question()),
                asked.to() == null ? "" : asked.to()));
    }

    private static OwnerMessages.MessageAbout about(OwnerMessages.MessageAbout about) {
        if (about == null) {
            throw new FieldProblem("about", "It is not said what the message is about.", "Choose what it is about.");
        }
        return about;
    }

    private static String question(String question) {
        return question == null ? "" : question;
    }

    @Needs({Right.MONEY, Right.CUSTOMERS})
    @GetMapping(path = "/outbox", produces = MediaType.APPLICATION_JSON_VALUE)
    OutboxPage outbox() {
        return new OutboxPage(outbox.files());
    }

    @Needs({Right.MONEY, Right.CUSTOMERS})
    @GetMapping(path = "/outbox/{file}", produces = "message/rfc822")
    ResponseEntity<byte[]> kept(@PathVariable String file) {
        return outbox.read(file)
                .map(message -> named("attachment", file).body(message))
                .orElse(ResponseEntity.status(HttpStatus.NOT_FOUND).build());
    }

    private static ResponseEntity.BodyBuilder named(String how, String file) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.builder(how).filename(file).build().toString());
    }
}
