package fluidframe.library.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

/**
 * A file to be taken in.
 *
 * @param name as it was called where it came from; only its ending is made use of
 */
public record Incoming(String name, byte[] bytes) {
    private static final String BYTE_ORDER_MARK = "\uFEFF";

    /** Whether it begins with these letters. */
    boolean begins(String letters) {
        return bytes.length >= letters.length()
                && new String(bytes, 0, letters.length(), StandardCharsets.ISO_8859_1).equals(letters);
    }

    boolean ends(String... endings) {
        String lower = name.toLowerCase(Locale.ROOT);
        for (String ending : endings) if (lower.endsWith("." + ending)) return true;
        return false;
    }

    /** Its text without a mark of the order of bytes; empty if it is not UTF-8. */
    Optional<String> text() {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return Optional.of(text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text);
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }
}
