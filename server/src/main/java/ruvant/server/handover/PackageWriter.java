package ruvant.server.handover;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import ruvant.core.album.AlbumEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.prove.SpeedRow;
import ruvant.core.units.ExposureEv;
import ruvant.server.album.PictureStore;
import ruvant.server.csv.CsvRows;
import ruvant.server.measure.RecordingStore;
import ruvant.server.printing.Paper;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;

/** Writes a job's package: its log as JSON, its sheet as PDF, its speeds as CSV, its pictures and recordings. */
@Component
class PackageWriter {
    private final ObjectMapper json;
    private final SheetPrinter printer;
    private final PictureStore pictures;
    private final RecordingStore recordings;

    PackageWriter(ObjectMapper json, SheetPrinter printer, PictureStore pictures, RecordingStore recordings) {
        this.recordings = recordings;
        this.json = json;
        this.printer = printer;
        this.pictures = pictures;
    }

    void write(Log<JobEntry> log, JobNow job, OutputStream out) throws IOException {
        JobPicture picture = job.picture();
        byte[] sheet = printer.pdf(job.sheet(), Paper.A4);
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            put(
                    zip,
                    "job.json",
                    json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsBytes(packed(log, picture)));
            put(zip, "return-sheet.pdf", sheet);
            put(zip, "speeds.csv", csv(picture.speedsOfTheCamera()).getBytes(StandardCharsets.UTF_8));
            // struck ones too: their lines travel, and may be restored
            for (String name : pictured(log)) {
                Optional<Path> file = pictures.file(name);
                if (file.isPresent()) {
                    zip.putNextEntry(new ZipEntry(JobPackage.PICTURES + name));
                    Files.copy(file.get(), zip);
                    zip.closeEntry();
                }
            }
            recordings(zip, picture);
        }
    }

    /** As many as a package may hold; very long ones stay behind, the firings measured from them are in the log. */
    private void recordings(ZipOutputStream zip, JobPicture picture) throws IOException {
        Set<String> names = new LinkedHashSet<>();
        picture.prove().timed().forEach(run -> names.add(run.with().recording()));
        long all = 0;
        for (String name : names) {
            Optional<Path> file = recordings.file(name);
            long size = file.isPresent() ? Files.size(file.get()) : 0;
            if (size > 0 && size <= JobPackage.LONGEST_RECORDING && all + size <= JobPackage.RECORDINGS_IN_ALL) {
                zip.putNextEntry(new ZipEntry(JobPackage.RECORDINGS + name));
                Files.copy(file.get(), zip);
                zip.closeEntry();
                all += size;
            }
        }
    }

    private JobPackage packed(Log<JobEntry> log, JobPicture picture) {
        List<String> missing = pictured(log).stream()
                .filter(name -> pictures.file(name).isEmpty())
                .toList();
        List<JobPackage.PackedLine> lines = log.lines().stream()
                .map(line -> new JobPackage.PackedLine(
                        line.id(), line.sequence(), line.at(), line.by(), line.before(), line.entry()))
                .toList();
        return new JobPackage(
                JobPackage.FORMAT,
                JobPackage.VERSION,
                JobLog.tag(log),
                picture.received().camera().words(),
                lines,
                missing.isEmpty() ? null : missing);
    }

    private static Set<String> pictured(Log<JobEntry> log) {
        return log.lines().stream()
                .map(Line::entry)
                .filter(AlbumEntry.Pictured.class::isInstance)
                .map(entry -> ((AlbumEntry.Pictured) entry).name())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    private static String csv(List<SpeedRow> rows) {
        List<List<Object>> firings = rows.stream()
                .flatMap(row -> Stream.concat(phase(row, "before", row.before()), phase(row, "after", row.after())))
                .toList();
        return CsvRows.written(
                List.of("marked", "nominal_s", "tolerance_ev", "phase", "firing", "seconds", "error_ev"),
                firings,
                Function.identity());
    }

    private static Stream<List<Object>> phase(SpeedRow row, String phase, Optional<SpeedRow.Run> run) {
        List<Double> seconds = run.map(SpeedRow.Run::seconds).orElse(List.of());
        return IntStream.range(0, seconds.size())
                .mapToObj(i -> List.of(
                        row.speed(),
                        row.nominal().seconds(),
                        row.allowed().ev(),
                        phase,
                        i + 1,
                        seconds.get(i),
                        String.format(
                                Locale.ROOT,
                                "%.4f",
                                ExposureEv.of(seconds.get(i), row.nominal().seconds())
                                        .value())));
    }
}
