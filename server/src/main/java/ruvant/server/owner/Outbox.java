package ruvant.server.owner;

import jakarta.activation.DataHandler;
import jakarta.mail.Message;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeBodyPart;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import jakarta.mail.util.ByteArrayDataSource;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import ruvant.core.units.FieldProblem;
import ruvant.server.storage.DurableFile;

/**
 * Stands in for a mail server: each message becomes a file in the folder “outbox”, in the format that every mail program opens and
 * sends (RFC 5322). A message is whole or not there.
 */
@Component
public class Outbox {
    private static final String ENDING = ".eml";

    private final Path folder;

    Outbox(@Value("${ruvant.data}") Path data) {
        this.folder = data.resolve("outbox");
    }

    /**
     * A message to send.
     *
     * @param id under which it is kept; said twice with the same id, there is one message
     * @param from the shop's address; empty where it has none
     * @param attached a PDF; empty for none
     */
    public record Letter(
            UUID id,
            String from,
            String fromName,
            String to,
            String subject,
            String body,
            Optional<Attachment> attached) {
        /** A PDF that goes along. */
        public record Attachment(String file, byte[] pdf) {}
    }

    /** Keeps a message, and gives the name of its file. */
    public String keep(Letter letter, Instant at) {
        String file = letter.id() + ENDING;
        try {
            ByteArrayOutputStream written = new ByteArrayOutputStream();
            message(letter, at).writeTo(written);
            DurableFile.write(folder.resolve(file), written.toByteArray());
        } catch (MessagingException problem) {
            throw new IllegalStateException("The message cannot be written", problem);
        } catch (IOException problem) {
            throw new UncheckedIOException("The message cannot be kept in the outbox", problem);
        }
        return file;
    }

    private static MimeMessage message(Letter letter, Instant at) throws MessagingException {
        MimeMessage message = new MimeMessage(Session.getInstance(new Properties())) {
            @Override
            protected void updateMessageID() throws MessagingException {
                setHeader("Message-ID", "<" + letter.id() + "@ruvant.invalid>");
            }
        };
        if (!letter.from().isBlank()) {
            message.setFrom(address("from", letter.from(), letter.fromName()));
        }
        message.setRecipient(Message.RecipientType.TO, address("to", letter.to(), ""));
        message.setSubject(letter.subject(), "UTF-8");
        message.setSentDate(Date.from(at));
        MimeBodyPart words = new MimeBodyPart();
        words.setText(letter.body(), "UTF-8");
        MimeMultipart all = new MimeMultipart(words);
        if (letter.attached().isPresent()) {
            Letter.Attachment pdf = letter.attached().get();
            MimeBodyPart part = new MimeBodyPart();
            part.setDataHandler(new DataHandler(new ByteArrayDataSource(pdf.pdf(), "application/pdf")));
            part.setFileName(pdf.file());
            all.addBodyPart(part);
        }
        message.setContent(all);
        message.saveChanges();
        return message;
    }

    private static InternetAddress address(String field, String typed, String name) {
        try {
            InternetAddress address = new InternetAddress(typed.strip(), true);
            address.validate();
            if (!name.isBlank()) {
                address.setPersonal(name, "UTF-8");
            }
            return address;
        } catch (AddressException | java.io.UnsupportedEncodingException problem) {
            throw new FieldProblem(
                    field, "“" + typed.strip() + "” is not an e-mail address.", "Enter one such as name@example.org.");
        }
    }

    /** A message by the name of its file; empty where there is none. */
    public Optional<byte[]> read(String file) {
        if (!file.matches("[0-9a-f-]{36}\\.eml")) {
            return Optional.empty();
        }
        try {
            Path kept = folder.resolve(file);
            return Files.isRegularFile(kept) ? Optional.of(Files.readAllBytes(kept)) : Optional.empty();
        } catch (IOException problem) {
            throw new UncheckedIOException("The message cannot be read", problem);
        }
    }

    /** Deletes the message that was kept under an id, where there is one. */
    public void remove(UUID id) {
        try {
            Files.deleteIfExists(folder.resolve(id + ENDING));
        } catch (IOException problem) {
            throw new UncheckedIOException("The message cannot be deleted", problem);
        }
    }

    /** The names of all messages, the newest first. */
    public List<String> files() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(one -> one.toString().endsWith(ENDING))
                    .sorted((one, other) -> Long.compare(modified(other), modified(one)))
                    .map(one -> one.getFileName().toString())
                    .toList();
        } catch (IOException problem) {
            throw new UncheckedIOException("The outbox cannot be read", problem);
        }
    }

    private static long modified(Path file) {
        return file.toFile().lastModified();
    }
}
