package fluidframe.server.hostile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Does to a good document what broken programs and bad luck do: values of wrong kinds, odd texts, pieces gone, bytes damaged. */
public final class Damage {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "0",
            "-1",
            "1e400",
            "null",
            "1/0 R",
            "99999999999999999999",
            "\u0000",
            "\uD800",
            "\u202Eover and back\u202C",
            "e\u0301\u0301\u0301\u0301",
            "\uD83D\uDC83",
            "<script>alert(1)</script>",
            "'; drop table routine; --",
            "../../../etc/passwd",
            "${jndi:ldap://127.0.0.1/x}",
            "{{7*7}}",
            "a\nb\r\nc\t",
            "x".repeat(5000),
            "S Q Q & a 1 2 3 ".repeat(200));

    private final Random random;

    /** The same seed does the same damage. */
    public Damage(long seed) {
        random = new Random(seed);
    }

    public int below(int bound) {
        return random.nextInt(bound);
    }

    public String oddText() {
        return TEXTS.get(below(TEXTS.size()));
    }

    /** A copy with one to four pieces changed, the document itself among them at times. */
    public JsonNode changed(JsonNode document) {
        JsonNode copy = document.deepCopy();
        int times = 1 + below(4);
        for (int i = 0; i < times; i++) {
            List<Runnable> places = new ArrayList<>();
            gather(copy, places);
            if (places.isEmpty() || below(60) == 0) copy = oddValue();
            else places.get(below(places.size())).run();
        }
        return copy;
    }

    private void gather(JsonNode node, List<Runnable> places) {
        if (node instanceof ObjectNode object) {
            object.fieldNames().forEachRemaining(name -> places.add(() -> change(object, name)));
            object.forEach(child -> gather(child, places));
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int index = i;
                places.add(() -> change(array, index));
            }
            array.forEach(child -> gather(child, places));
        }
    }

    private void change(ObjectNode object, String name) {
        switch (below(5)) {
            case 0 -> object.remove(name);
            case 1 -> object.set(oddText(), object.path(name).deepCopy());
            case 2 -> object.put(name, oddText());
            default -> object.set(name, oddValue());
        }
    }

    private void change(ArrayNode array, int index) {
        if (index >= array.size()) return;
        switch (below(5)) {
            case 0 -> array.remove(index);
            case 1 -> array.insert(index, array.get(index).deepCopy());
            case 2 -> array.insert(below(array.size() + 1), array.get(index).deepCopy());
            default -> array.set(index, oddValue());
        }
    }

    private JsonNode oddValue() {
        return switch (below(12)) {
            case 0 -> MAPPER.nullNode();
            case 1 -> MAPPER.createArrayNode();
            case 2 -> MAPPER.createObjectNode();
            case 3 -> MAPPER.getNodeFactory().booleanNode(random.nextBoolean());
            case 4 -> MAPPER.getNodeFactory().numberNode(random.nextInt());
            case 5 -> MAPPER.getNodeFactory().numberNode(random.nextLong());
            case 6 -> MAPPER.getNodeFactory().numberNode(random.nextDouble() * 1e300);
            case 7 -> MAPPER.getNodeFactory().numberNode(-1);
            case 8 -> nested(below(80));
            case 9 -> many(below(3000));
            default -> MAPPER.getNodeFactory().textNode(oddText());
        };
    }

    private JsonNode nested(int deep) {
        JsonNode node = MAPPER.createArrayNode();
        for (int i = 0; i < deep; i++) node = MAPPER.createArrayNode().add(node);
        return node;
    }

    private JsonNode many(int count) {
        ArrayNode array = MAPPER.createArrayNode();
        for (int i = 0; i < count; i++) array.add(i % 2 == 0 ? MAPPER.nullNode() : array.textNode("x"));
        return array;
    }

    /** The text as bytes, now and then with some of them wrong, missing, doubled or too deep. */
    public byte[] bytes(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return switch (below(14)) {
            case 0 -> cut(bytes, below(bytes.length + 1));
            case 1 -> flipped(bytes);
            case 2 -> withInserted(bytes, new byte[] {(byte) 0xff, (byte) 0xfe});
            case 3 -> withInserted(bytes, new byte[] {(byte) 0xc0, (byte) 0x80});
            case 4 -> withInserted(bytes, new byte[] {(byte) 0xed, (byte) 0xa0, (byte) 0x80});
            case 5 -> withInserted(bytes, new byte[] {0});
            case 6 -> text.getBytes(StandardCharsets.UTF_16);
            case 7 -> "[".repeat(below(100_000)).getBytes(StandardCharsets.UTF_8);
            case 8 -> doubledKeys(text).getBytes(StandardCharsets.UTF_8);
            default -> bytes;
        };
    }

    private static String doubledKeys(String text) {
        return text.startsWith("{") && text.length() > 2
                ? text.substring(0, text.length() - 1) + "," + text.substring(1)
                : text + text;
    }

    private static byte[] cut(byte[] bytes, int length) {
        return java.util.Arrays.copyOf(bytes, length);
    }

    private byte[] flipped(byte[] bytes) {
        byte[] copy = bytes.clone();
        for (int i = 0; i < 1 + below(6) && copy.length > 0; i++) copy[below(copy.length)] ^= (byte) (1 << below(8));
        return copy;
    }

    private byte[] withInserted(byte[] bytes, byte[] more) {
        int at = below(bytes.length + 1);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(bytes, 0, at);
        out.writeBytes(more);
        out.write(bytes, at, bytes.length - at);
        return out.toByteArray();
    }
}
