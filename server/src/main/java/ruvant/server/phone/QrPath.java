package ruvant.server.phone;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A QR code as the path of a drawing: a unit square for each dark module.
 *
 * @param size modules along each side, with the quiet zone
 * @param path as in SVG
 */
record QrPath(int size, String path) {
    static QrPath of(String text) {
        try {
            BitMatrix modules = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 4));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < modules.getHeight(); y++) {
                for (int x = 0; x < modules.getWidth(); x++) {
                    if (modules.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return new QrPath(modules.getWidth(), path.toString());
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException(tooLong);
        }
    }
}
