package ruvant.server.handover;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.springframework.stereotype.Component;
import ruvant.core.album.AlbumEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.picture.JobRooms;
import ruvant.core.prove.ProveEntry;
import ruvant.core.units.FieldProblem;
import ruvant.server.album.PictureStore;
import ruvant.server.measure.RecordingStore;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectMapper;

/** Reads a job's package and refuses it whole when anything in it is wrong. */
@Component
class PackageReader {
    private static final int MOST_FILES = 3_000;
    private static final int MOST_BYTES = 64 * 1024 * 1024;
    private static final long MOST_IN_ALL = 300L * 1024 * 1024;
    private static final String ASK_AGAIN = "Export the package again.";

    private final ObjectMapper json;

    PackageReader(ObjectMapper json) {
        this.json = json;
    }

    /** A package's content: its log, its pictures by name, and the recordings of its firings that came along. */
    record Content(Log<JobEntry> log, Map<String, byte[]> pictures, List<byte[]> recordings) {}

    Content read(InputStream upload) throws IOException {
        Map<String, byte[]> files = files(upload);
        if (!files.containsKey("job.json")) {
            throw new BadPackageException(
                    "This file is not a job package: there is no job.json in it.",
                    "Choose a ZIP file that Ruvant exported.");
        }
        JobPackage packed = parse(files.get("job.json"));
        if (!JobPackage.FORMAT.equals(packed.format())) {
            throw new BadPackageException(
                    "The job.json in it was not written by Ruvant.", "Choose a ZIP file that Ruvant exported.");
        }
        if (packed.version() != JobPackage.VERSION) {
            throw new BadPackageException(
                    "The package has format version " + packed.version() + ". This Ruvant reads version "
                            + JobPackage.VERSION + ".",
                    "Update Ruvant, or export the job from the same version.");
        }
        if (packed.tag() == null || packed.lines() == null || packed.lines().isEmpty()) {
            throw new BadPackageException("The package holds no lines.", ASK_AGAIN);
        }
        if (packed.lines().size() > JobPackage.MOST_LINES) {
            throw new BadPackageException(
                    "The package holds " + packed.lines().size() + " lines. A job has at most " + JobPackage.MOST_LINES
                            + ".",
                    "Choose a ZIP file that Ruvant exported.");
        }
        Log<JobEntry> log = log(packed);
        checked(log);
        Set<String> missing = packed.missing() == null ? Set.of() : new HashSet<>(packed.missing());
        return new Content(log, pictures(log, files, missing), recordings(log, files));
    }

    /** Every picture that the log names must have come along, but those that the package says were lost already. */
    private static Map<String, byte[]> pictures(Log<JobEntry> log, Map<String, byte[]> files, Set<String> missing) {
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        for (Line line : log.lines()) {
            if (line.entry() instanceof AlbumEntry.Pictured picture) {
                byte[] content = files.get(JobPackage.PICTURES + picture.name());
                if (content == null && missing.contains(picture.name())) {
                    continue;
                }
                if (content == null) {
                    throw new BadPackageException("The picture of line " + line.sequence() + " is missing.", ASK_AGAIN);
                }
                if (!PictureStore.nameOf(content).equals(picture.name())) {
                    throw new BadPackageException(
                            "The picture of line " + line.sequence() + " does not match its name.", ASK_AGAIN);
                }
                pictures.put(picture.name(), content);
            }
        }
        return pictures;
    }

    /** Those that the log names; very long ones may have stayed behind. */
    private static List<byte[]> recordings(Log<JobEntry> log, Map<String, byte[]> files) {
        Map<String, byte[]> recordings = new LinkedHashMap<>();
        for (Line line : log.lines()) {
            if (line.entry() instanceof ProveEntry.FiringsMeasured run) {
                byte[] content = files.get(JobPackage.RECORDINGS + run.recording());
                if (content != null && !RecordingStore.nameOf(content).equals(run.recording())) {
                    throw new BadPackageException(
                            "The recording of line " + line.sequence() + " does not match its name.", ASK_AGAIN);
                }
                if (content != null) {
                    recordings.put(run.recording(), content);
                }
            }
        }
        return List.copyOf(recordings.values());
    }

    private static Map<String, byte[]> files(InputStream upload) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        long all = 0;
        try (ZipInputStream zip = new ZipInputStream(upload)) {
            for (ZipEntry file = zip.getNextEntry(); file != null; file = zip.getNextEntry()) {
                if (files.size() == MOST_FILES) {
                    throw new BadPackageException(
                            "The ZIP file has too many files for a job package.",
                            "Choose a ZIP file that Ruvant exported.");
                }
                byte[] content = zip.readNBytes(MOST_BYTES + 1);
                all += content.length;
                if (content.length > MOST_BYTES || all > MOST_IN_ALL) {
                    throw new BadPackageException(
                            "“" + file.getName() + "” makes the unpacked package too large.",
                            "Choose a ZIP file that Ruvant exported.");
                }
                files.put(file.getName(), content);
            }
        } catch (java.util.zip.ZipException broken) {
            throw new BadPackageException("The ZIP file is damaged: " + broken.getMessage() + ".", ASK_AGAIN);
        } catch (java.io.EOFException cut) {
            throw new BadPackageException("The ZIP file is incomplete.", ASK_AGAIN);
        }
        return files;
    }

    private JobPackage parse(byte[] content) throws IOException {
        try {
            return json.readerFor(JobPackage.class)
                    .with(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .readValue(content);
        } catch (JacksonException problem) {
            throw new BadPackageException(
                    "job.json cannot be read at " + place(problem) + ": " + reason(problem), ASK_AGAIN);
        }
    }

    private static String place(JacksonException problem) {
        return problem.getLocation() == null
                ? "an unknown place"
                : "line " + problem.getLocation().getLineNr();
    }

    private static String reason(JacksonException problem) {
        for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
            if (cause instanceof FieldProblem inside) {
                return inside.getMessage();
            }
        }
        return problem.getOriginalMessage();
    }

    private static Log<JobEntry> log(JobPackage packed) {
        Set<UUID> ids = new HashSet<>();
        long expected = 0;
        for (JobPackage.PackedLine line : packed.lines()) {
            if (line == null) {
                throw new BadPackageException("Line " + (expected + 1) + " is empty.", ASK_AGAIN);
            }
            if (line.sequence() != ++expected) {
                throw new BadPackageException(
                        "Line " + expected + " is missing: " + line.sequence() + " is in its place.", ASK_AGAIN);
            }
            if (!ids.add(line.id())) {
                throw new BadPackageException("Line " + expected + " is there twice.", ASK_AGAIN);
            }
        }
        try {
            List<Line> lines = packed.lines().stream()
                    .map(line ->
                            new Line(line.id(), line.sequence(), line.at(), line.by(), line.before(), line.entry()))
                    .toList();
            return JobLog.of(packed.tag(), lines);
        } catch (FieldProblem problem) {
            throw new BadPackageException("A line is incomplete: " + problem.getMessage(), ASK_AGAIN);
        }
    }

    private static void checked(Log<JobEntry> log) {
        boolean received = log.counted().stream()
                .findFirst()
                .filter(line -> line.entry() instanceof IntakeEntry.Received)
                .isPresent();
        if (!received) {
            throw new BadPackageException("The package does not say which camera was checked in.", ASK_AGAIN);
        }
        JobRooms.resting(log).stream().findFirst().ifPresent(line -> {
            throw new BadPackageException(
                    "Line " + line.sequence() + " does not fit where it is: " + JobRooms.ALL.words(line.entry()) + ".",
                    ASK_AGAIN);
        });
    }
}
