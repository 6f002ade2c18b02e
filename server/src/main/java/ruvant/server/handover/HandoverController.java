package ruvant.server.handover;

import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.DoubleConsumer;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartFile;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.people.Right;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.album.PictureStore;
import ruvant.server.job.JobService;
import ruvant.server.measure.RecordingStore;
import ruvant.server.printing.Paper;
import ruvant.server.record.LineStore;
import ruvant.server.storage.StorageTrouble;
import tools.jackson.databind.ObjectMapper;

/** The return sheet, and packages out and in. */
@RestController
@Needs(
        value = {Right.LOOK, Right.MONEY, Right.CUSTOMERS},
        job = "tag")
@RequestMapping("/api/jobs")
class HandoverController {
    /** A job with all its pictures and recordings; what is larger is something else. */
    private static final long LARGEST_PACKAGE = 150L << 20;

    private static final StorageTrouble NOT_WHOLE =
            new StorageTrouble("internal", "The job could not be imported. Nothing of it was kept.", "Try again.");

    private final JobService jobs;
    private final LineStore lines;
    private final SheetPrinter printer;
    private final PackageWriter writer;
    private final PackageReader reader;
    private final PictureStore pictures;
    private final RecordingStore recordings;
    private final ObjectMapper json;

    HandoverController(
            JobService jobs,
            LineStore lines,
            SheetPrinter printer,
            PackageWriter writer,
            PackageReader reader,
            PictureStore pictures,
            RecordingStore recordings,
            ObjectMapper json) {
        this.json = json;
        this.recordings = recordings;
        this.jobs = jobs;
        this.lines = lines;
        this.printer = printer;
        this.writer = writer;
        this.reader = reader;
        this.pictures = pictures;
    }

    /** Where an imported job is now. */
    record Imported(TagNumber tag, boolean ownTag) {}

    @GetMapping(path = "/{tag}/sheet", produces = MediaType.TEXT_HTML_VALUE)
    String page(@PathVariable String tag, @RequestParam(defaultValue = "a4") String paper) {
        return printer.html(sheet(tag), Paper.of(paper));
    }

    @GetMapping(path = "/{tag}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String tag, @RequestParam(defaultValue = "a4") String paper) {
        ReturnSheet sheet = sheet(tag);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named("inline", sheet.tag() + "-return-sheet.pdf"))
                .body(printer.pdf(sheet, Paper.of(paper)));
    }

    @GetMapping(path = "/{tag}/record.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> record(@PathVariable String tag, @RequestParam(defaultValue = "a4") String paper) {
        ReturnSheet sheet = sheet(tag);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named("inline", sheet.tag() + "-record.pdf"))
                .body(printer.pdf(sheet, jobs.lines(JobLog.name(sheet.tag())), Paper.of(paper)));
    }

    @GetMapping(path = "/{tag}/package.zip", produces = "application/zip")
    void export(@PathVariable String tag, HttpServletResponse response) throws IOException {
        TagNumber number = TagNumber.parse(tag);
        Log<JobEntry> log = jobs.log(number);
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, named("attachment", number + ".zip"));
        // not gathered first: an album may be larger than the memory
        writer.write(log, jobs.now(number), response.getOutputStream());
    }

    @Needs(Right.DESK)
    @PostMapping(
            path = "/import",
            consumes = MediaType.MULTIPART_FORM_DATA_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    Imported take(@RequestParam MultipartFile file) throws IOException {
        return taken(file, done -> {});
    }

    /** The same, asked for as lines of JSON: how far it is, {"taken":0.25}, and the answer or the refusal in the last one. */
    @Needs(Right.DESK)
    @PostMapping(
            path = "/import",
            consumes = MediaType.MULTIPART_FORM_DATA_VALUE,
            produces = MediaType.APPLICATION_NDJSON_VALUE)
    void takeInLines(@RequestParam MultipartFile file, HttpServletResponse response) throws IOException {
        OutputStream out = response.getOutputStream();
        try {
            Imported got = taken(file, done -> {
                response.setContentType(MediaType.APPLICATION_NDJSON_VALUE);
                write(out, Map.of("taken", done));
            });
            response.setContentType(MediaType.APPLICATION_NDJSON_VALUE);
            write(out, got);
        } catch (RuntimeException cut) {
            // as long as nothing went out, what went wrong is answered as everywhere else
            if (!response.isCommitted()) {
                throw cut;
            }
            StorageTrouble trouble = StorageTrouble.of(cut).orElse(NOT_WHOLE);
            write(out, Map.of("code", trouble.code(), "detail", trouble.what(), "remedy", trouble.remedy()));
        }
    }

    private void write(OutputStream out, Object line) {
        try {
            out.write((json.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
        } catch (IOException gone) {
            // whoever sent it went away; the job comes in all the same
        }
    }

    private Imported taken(MultipartFile file, DoubleConsumer done) throws IOException {
        if (file.getSize() > LARGEST_PACKAGE) {
            throw new MaxUploadSizeExceededException(LARGEST_PACKAGE);
        }
        PackageReader.Content content = reader.read(file.getInputStream());
        Log<JobEntry> foreign = content.log();
        for (Line line : foreign.lines()) {
            lines.logOf(line.id()).ifPresent(log -> {
                throw new BadPackageException("That job is already here, as " + log + ".", "Open " + log + " instead.");
            });
        }
        content.pictures().values().forEach(pictures::keep);
        for (byte[] recording : content.recordings()) {
            recordings.keep(() -> new ByteArrayInputStream(recording));
        }
        TagNumber here = jobs.take(foreign, done);
        return new Imported(here, here.equals(JobLog.tag(foreign)));
    }

    private ReturnSheet sheet(String tag) {
        return jobs.now(TagNumber.parse(tag)).sheet();
    }

    private static String named(String how, String file) {
        return ContentDisposition.builder(how).filename(file).build().toString();
    }
}
