package fluidframe.server.sharing;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class QrCodeTest {
    private static final Pattern MODULE = Pattern.compile("M(\\d+) (\\d+)h1v1h-1z");
    private static final int QUIET = 4;

    @ParameterizedTest
    @ValueSource(strings = {"http://192.168.7.5:8421/#004711", "http://10.0.0.2:65535/#999999"})
    void isReadBackAsTheAddress(String address) throws Exception {
        String svg = QrCode.svg(address);
        Matcher size = Pattern.compile("viewBox=\"0 0 (\\d+) ").matcher(svg);
        assertThat(size.find()).isTrue();
        BitMatrix modules = new BitMatrix(Integer.parseInt(size.group(1)) - 2 * QUIET);
        for (MatchResult module : MODULE.matcher(svg).results().toList()) {
            // Nothing is drawn in the quiet around it: that would not be within the matrix.
            modules.set(Integer.parseInt(module.group(1)) - QUIET, Integer.parseInt(module.group(2)) - QUIET);
        }
        assertThat(new Decoder().decode(modules).getText()).isEqualTo(address);
    }
}
