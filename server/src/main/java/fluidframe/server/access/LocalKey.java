package fluidframe.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.stereotype.Component;

/**
 * Made anew at every start and written beside the studio for its owner alone: whoever can read it can read the studio, and may ask
 * from the command line as the coach.
 */
@Component
public class LocalKey {
    /** In which header it is sent. */
    public static final String HEADER = "Fluidframe-Key";

    private static final int BYTES = 32;

    private final String key;

    LocalKey() {
        byte[] random = new byte[BYTES];
        new SecureRandom().nextBytes(random);
        key = HexFormat.of().formatHex(random);
    }

    /** As it is written down. */
    public String text() {
        return key;
    }

    boolean is(String sent) {
        return sent != null
                && MessageDigest.isEqual(sent.getBytes(StandardCharsets.UTF_8), key.getBytes(StandardCharsets.UTF_8));
    }
}
