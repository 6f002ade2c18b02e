package ruvant.server.printing;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.springframework.stereotype.Component;

/** Prints a page of plain markup as PDF, with fonts of its own. */
@Component
public class PdfPrinter {
    static {
        // it reports each style rule meant for screens only
        com.openhtmltopdf.util.XRLog.setLoggingEnabled(false);
    }

    private static final List<String> FILES = List.of(
            "NotoSans-Regular.ttf",
            "NotoSansArabic-Regular.ttf",
            "NotoSansHebrew-Regular.ttf",
            "NotoSansDevanagari-Regular.ttf",
            "DroidSansFallback.ttf");

    /** Read when the first sign beyond the usual letters is printed. */
    private Printable printable;

    private synchronized String printable(String html) {
        if (printable == null && html.codePoints().anyMatch(c -> c >= 0x250)) {
            printable = new Printable(FILES);
        }
        return printable == null ? html : printable.of(html);
    }

    /**
     * The PDF.
     *
     * @param html a whole page; its style says the size of the paper
     */
    public byte[] pdf(String html) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(100_000);
        try {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFastMode();
            font(builder, "NotoSans-Regular.ttf", "Noto Sans", 400);
            font(builder, "NotoSans-Bold.ttf", "Noto Sans", 700);
            font(builder, "NotoSansArabic-Regular.ttf", "Noto Sans Arabic", 400);
            font(builder, "NotoSansHebrew-Regular.ttf", "Noto Sans Hebrew", 400);
            font(builder, "NotoSansDevanagari-Regular.ttf", "Noto Sans Devanagari", 400);
            font(builder, "DroidSansFallback.ttf", "Droid Sans Fallback", 400);
            builder.useSVGDrawer(new BatikSVGDrawer());
            builder.useUnicodeBidiSplitter(RightToLeft.Splitter::new);
            builder.useUnicodeBidiReorderer(new RightToLeft.Reorderer());
            builder.defaultTextDirection(com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.TextDirection.LTR);
            builder.withHtmlContent(printable(html), null);
            builder.toStream(out);
            builder.run();
        } catch (IOException problem) {
            throw new UncheckedIOException("The page cannot be printed", problem);
        }
        return out.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> resource(file), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream resource(String file) {
        return PdfPrinter.class.getResourceAsStream("/fonts/" + file);
    }
}
