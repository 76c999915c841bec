package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A QR code as a drawing that prints sharp at any size. */
public final class QrCode {

    /** Four modules all round, as the standard asks: a scanner finds the square by the white about it. */
    private static final int QUIET = 4;

    private QrCode() {}

    /** Medium correction: a label in a yard gets scratched. */
    public static String svg(String text) {
        try {
            BitMatrix code = new QRCodeWriter()
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
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < code.getHeight(); y++) {
                for (int x = 0; x < code.getWidth(); x++) {
                    if (code.get(x, y)) {
                        path.append("M").append(x).append(" ").append(y).append("h1v1h-1z");
                    }
                }
            }
            return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + code.getWidth() + " " + code.getHeight()
                    + WORDS.say("shapeRenderingCrispedgesRectWidth")
                    + path
                    + "\"/></svg>";
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}
