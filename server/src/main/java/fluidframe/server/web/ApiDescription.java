package fluidframe.server.web;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.evening.ClassFormat;
import fluidframe.library.event.EventFormat;
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.library.list.ListFormat;
import fluidframe.library.people.CoupleFormat;
import fluidframe.library.people.DancerFormat;
import fluidframe.library.people.GroupFormat;
import fluidframe.library.practice.PracticeFormat;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.song.SongFormat;
import fluidframe.library.text.Format;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Puts the shipped schemas into the API description, so that a document has one definition for files and requests. */
@Configuration
public class ApiDescription {
    private static final String SCHEMAS = "#/components/schemas/";

    /** The references to the documents within the description. */
    public static final String CHART = SCHEMAS + "Chart";

    public static final String ROUTINE = SCHEMAS + "Routine";
    public static final String SONG = SCHEMAS + "Song";
    public static final String EVENT = SCHEMAS + "Event";
    public static final String LIST = SCHEMAS + "FigureList";
    public static final String DANCER = SCHEMAS + "Dancer";
    public static final String COUPLE = SCHEMAS + "Couple";
    public static final String GROUP = SCHEMAS + "Group";
    public static final String LESSON = SCHEMAS + "Lesson";
    public static final String DRILL = SCHEMAS + "Drill";
    public static final String CARD = SCHEMAS + "Card";
    public static final String PRACTICE = SCHEMAS + "Practice";
    public static final String CLASS = SCHEMAS + "ClassEvening";

    /** The references to one row of a chart, to the rows of a role, to one place of a routine, and to one part of a lesson. */
    public static final String ROW = CHART + "_row";

    public static final String ROWS = CHART + "_rows";
    public static final String PLACED = ROUTINE + "_placed";
    public static final String ITEM = LESSON + "_item";

    /** The documents by their names in the description. */
    private static final Map<String, Format<?>> DOCUMENTS = Map.ofEntries(
            Map.entry("Chart", ChartFormat.CHART),
            Map.entry("Routine", RoutineFormat.ROUTINE),
            Map.entry("Song", SongFormat.SONG),
            Map.entry("Event", EventFormat.EVENT),
            Map.entry("FigureList", ListFormat.LIST),
            Map.entry("Dancer", DancerFormat.DANCER),
            Map.entry("Couple", CoupleFormat.COUPLE),
            Map.entry("Group", GroupFormat.GROUP),
            Map.entry("Lesson", LessonFormat.LESSON),
            Map.entry("Drill", DrillFormat.DRILL),
            Map.entry("Card", CardFormat.CARD),
            Map.entry("Practice", PracticeFormat.PRACTICE),
            Map.entry("ClassEvening", ClassFormat.CLASS));

    /** Where documents are made and, with an id behind it, saved. */
    private static final Map<String, String> MADE_AT = Map.ofEntries(
            Map.entry("/api/figures", CHART),
            Map.entry("/api/routines", ROUTINE),
            Map.entry("/api/songs", SONG),
            Map.entry("/api/events", EVENT),
            Map.entry("/api/lists", LIST),
            Map.entry("/api/dancers", DANCER),
            Map.entry("/api/couples", COUPLE),
            Map.entry("/api/groups", GROUP),
            Map.entry("/api/lessons", LESSON),
            Map.entry("/api/drills", DRILL),
            Map.entry("/api/cards", CARD),
            Map.entry("/api/practices", PRACTICE),
            Map.entry("/api/classes", CLASS));

    @Bean
    NullableProperties nullableProperties() {
        return new NullableProperties();
    }

    @Bean
    OpenApiCustomizer documentSchemas(NullableProperties nullable) {
        return api -> {
            api.setInfo(new Info()
                    .title("Fluid Frame")
                    .version("1")
                    .description("Figures, their computed technique, and routines."));
            api.setServers(List.of());
            api.getComponents().getSchemas().forEach((name, schema) -> require(name, schema, nullable));
            DOCUMENTS.forEach((name, format) -> add(api, name, format));
            MADE_AT.forEach((path, schema) -> takeDocuments(api, path, schema));
        };
    }

    /** Records are always written whole, so what may not be null is required; clients get exact types by it. */
    private static void require(String name, Schema<?> schema, NullableProperties nullable) {
        if (schema.getProperties() == null) return;
        List<String> names = List.copyOf(schema.getProperties().keySet());
        // What is not there is left out and never null.
        schema.getProperties().values().forEach(property -> {
            if (property.getTypes() != null) property.getTypes().remove("null");
        });
        schema.setRequired(names.stream()
                .filter(property -> !nullable.isNullable(name, property))
                .toList());
    }

    private static void add(OpenAPI api, String name, Format<?> format) {
        try {
            ObjectMapper mapper = new ObjectMapper();
            String text = format.schema().text().replace("#/$defs/", SCHEMAS + name + "_");
            ObjectNode schema = (ObjectNode) mapper.readTree(text);
            JsonNode definitions = schema.remove("$defs");
            schema.remove(List.of("$schema", "$id"));
            headless(schema);
            api.getComponents().addSchemas(name, Json31.mapper().treeToValue(schema, Schema.class));
            for (var entry : definitions.properties()) {
                api.getComponents()
                        .addSchemas(
                                name + "_" + entry.getKey(),
                                Json31.mapper().treeToValue(entry.getValue(), Schema.class));
            }
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("The shipped schema must be JSON", e);
        }
    }

    /** In a request the address tells the format. */
    private static void headless(ObjectNode schema) {
        JsonNode required = schema.path("required");
        for (int i = required.size() - 1; i >= 0; i--) {
            boolean format = required.get(i).asText().equals("format");
            if (format && required instanceof ArrayNode names) names.remove(i);
        }
    }

    private static void takeDocuments(OpenAPI api, String path, String reference) {
        PathItem many = api.getPaths().get(path);
        PathItem one = api.getPaths().get(path + "/{id}");
        if (many != null && many.getPost() != null) body(many.getPost(), new Schema<>().$ref(reference));
        PathItem version = api.getPaths().get(path + "/{id}/versions/{number}");
        if (version != null && version.getGet() != null) {
            version.getGet()
                    .getResponses()
                    .get("200")
                    .getContent()
                    .values()
                    .forEach(type -> type.setSchema(new Schema<>().$ref(reference)));
        }
        if (one == null || one.getPut() == null) return;
        Schema<?> shared = api.getComponents().getSchemas().get("DocumentSave");
        Schema<Object> save = new Schema<>();
        save.addType("object");
        save.setRequired(shared.getRequired());
        shared.getProperties()
                .forEach((name, property) ->
                        save.addProperty(name, name.equals("document") ? new Schema<>().$ref(reference) : property));
        String name = reference.substring(SCHEMAS.length()) + "Save";
        api.getComponents().addSchemas(name, save);
        body(one.getPut(), new Schema<>().$ref(SCHEMAS + name));
    }

    private static void body(Operation operation, Schema<?> schema) {
        operation.getRequestBody().getContent().values().forEach(type -> type.setSchema(schema));
    }
}
