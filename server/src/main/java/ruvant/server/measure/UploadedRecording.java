package ruvant.server.measure;

import jakarta.servlet.http.Part;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.core.io.InputStreamSource;
import org.springframework.web.multipart.MultipartFile;

/**
 * A recording that was sent, in a file of its own while it is measured: it is read several times and in places, which a stream of
 * two gigabytes is no good for. What is long was written to a file while it arrived already, and is only moved.
 */
final class UploadedRecording implements InputStreamSource, AutoCloseable {
    private final Path file;

    private UploadedRecording(Path file) {
        this.file = file;
    }

    private interface Sent {
        void to(Path file) throws IOException;
    }

    static UploadedRecording of(Part part) throws IOException {
        return of(file -> part.write(file.toString()));
    }

    static UploadedRecording of(MultipartFile sent) throws IOException {
        return of(file -> sent.transferTo(file.toFile()));
    }

    private static UploadedRecording of(Sent sent) throws IOException {
        Path file = Files.createTempFile("recording", ".tmp").toAbsolutePath();
        try {
            sent.to(file);
            return new UploadedRecording(file);
        } catch (IOException | RuntimeException problem) {
            Files.deleteIfExists(file);
            throw problem;
        }
    }

    RecordingFile recording() {
        return RecordingFile.of(file);
    }

    @Override
    public InputStream getInputStream() throws IOException {
        return Files.newInputStream(file);
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(file);
    }
}
