package fluidframe.library;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;

/** The shape of a chart document by the shipped JSON Schema; what the cells say is the core's to judge. */
public final class ChartSchema {
    /** Where the schema lies on the class path. */
    public static final String RESOURCE = "/schema/figure-1.schema.json";

    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(text(), InputFormat.JSON);

    private ChartSchema() {}

    /** The schema itself. */
    public static String text() {
        try (InputStream in = ChartSchema.class.getResourceAsStream(RESOURCE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<Problem> problems(JsonNode document, BiFunction<String, String, Problem> at) {
        List<Problem> problems = new ArrayList<>();
        for (Error error : SCHEMA.validate(document)) {
            String path = pointer(error);
            if (error.getKeyword().equals("additionalProperties")) {
                problems.add(at.apply(
                        path + "/" + error.getProperty() + "#",
                        "The key \"" + error.getProperty() + "\" is not part of the format"));
            } else if (error.getKeyword().equals("required")) {
                problems.add(at.apply(path, "The key \"" + error.getProperty() + "\" is missing"));
            } else {
                problems.add(at.apply(path, sentence(path, error.getMessage())));
            }
        }
        return problems;
    }

    private static String pointer(Error error) {
        String path = error.getInstanceLocation().toString();
        return path.startsWith("$") ? path.substring(1).replace('.', '/').replaceAll("\\[(\\d+)]", "/$1") : path;
    }

    private static String sentence(String path, String message) {
        String key = path.substring(path.lastIndexOf('/') + 1);
        return "\"" + (key.isEmpty() ? "the document" : key) + "\": " + message.replaceFirst("^[^:]*: ", "");
    }
}
