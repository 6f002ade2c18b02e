package ruvant.server.labels;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Locale;
import java.util.Map;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;

/**
 * What a printed code says, and the code as a drawing. Only capitals, figures and hyphens, which every scanner types
 * right on every keyboard: {@code RV-R-0412} for a job, {@code RV-W-B3} for a well, {@code RV-S-12} and {@code RV-D-7} for
 * stock and donors.
 */
final class ScanCode {
    private static final String PREFIX = "RV-";

    private ScanCode() {}

    static String of(TagNumber tag) {
        return PREFIX + tag;
    }

    static String of(WellName well) {
        return PREFIX + "W-" + well;
    }

    static String ofStock(long number) {
        return PREFIX + "S-" + number;
    }

    static String ofDonor(long number) {
        return PREFIX + "D-" + number;
    }

    /** The code as a square drawing, its quiet border included. */
    static String svg(String says, double sizeMm) {
        BitMatrix code = matrix(says);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < code.getHeight(); y++) {
            for (int x = 0; x < code.getWidth(); x++) {
                if (code.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.1fmm\" height=\"%.1fmm\" viewBox=\"0 0 %d %d\"><path d=\"%s\" fill=\"#000000\"/></svg>",
                sizeMm,
                sizeMm,
                code.getWidth(),
                code.getHeight(),
                path);
    }

    static BitMatrix matrix(String says) {
        try {
            return new QRCodeWriter()
                    .encode(
                            says,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 2));
        } catch (WriterException problem) {
            throw new IllegalStateException("No code for " + says, problem);
        }
    }
}
