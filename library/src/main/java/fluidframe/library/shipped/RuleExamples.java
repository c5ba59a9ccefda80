package fluidframe.library.shipped;

import fluidframe.core.chart.Chart;
import fluidframe.library.figure.ChartReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A short chart with one fault on purpose for each family of rules, to be drawn beside them. */
public final class RuleExamples {
    private static final List<String> TOPICS =
            List.of("time", "weight", "turn", "partner", "footwork", "body", "floor", "safety");

    private RuleExamples() {}

    /** The examples by topic, in the order of the rules. */
    public static Map<String, Chart> load() {
        Map<String, Chart> examples = new LinkedHashMap<>();
        for (String topic : TOPICS)
            examples.put(topic, ChartReader.read(text(topic)).orThrow());
        return examples;
    }

    private static String text(String topic) {
        try (InputStream in = RuleExamples.class.getResourceAsStream("/examples/" + topic + ".yaml")) {
            if (in == null) throw new IllegalStateException("There is no example for the rules about " + topic);
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
