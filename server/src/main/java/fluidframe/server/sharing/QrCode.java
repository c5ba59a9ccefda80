package fluidframe.server.sharing;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** An address as a picture that telephones read. */
final class QrCode {
    /** Modules of quiet around it, as readers want them. */
    private static final int QUIET = 4;

    private QrCode() {}

    /** As SVG, black on white whatever the page's colours are. */
    static String svg(String text) {
        BitMatrix matrix;
        try {
            matrix = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M,
                                    EncodeHintType.MARGIN,
                                    QUIET));
        } catch (WriterException e) {
            throw new IllegalStateException("An address is short enough for a code", e);
        }
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < matrix.getHeight(); y++) {
            for (int x = 0; x < matrix.getWidth(); x++) {
                if (matrix.get(x, y))
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
            }
        }
        return ("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %1$d %1$d\" shape-rendering=\"crispEdges\">"
                        + "<rect width=\"%1$d\" height=\"%1$d\" fill=\"#fff\"/><path d=\"%2$s\"/></svg>")
                .formatted(matrix.getWidth(), path);
    }
}
