package fluidframe.server.web;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.ChartSchema;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Puts the shipped chart schema into the API description, so that a chart has one definition for files and requests. */
@Configuration
public class ApiDescription {
    /** The reference to the chart schema within the description. */
    public static final String CHART = "#/components/schemas/Chart";

    /** The references to one row and to the rows of a role. */
    public static final String ROW = "#/components/schemas/Chart_row";

    public static final String ROWS = "#/components/schemas/Chart_rows";

    private static final String DEFINITION = "Chart_";

    /** Properties that may be absent; every other one is always there. */
    private static final Set<String> OPTIONAL = Set.of(
            "FigureView.draft",
            "FindingView.role",
            "FindingView.fix",
            "FindingView.accepted",
            "FindingView.variant",
            "FloorView.circle",
            "ProposedRow.now",
            "Retime.by",
            "Retime.otherStep",
            "Retime.rhythm",
            "Retimed.chart",
            "Side.figure",
            "Side.chart",
            "NewFigure.figure",
            "NewFigure.times",
            "NewFigure.mirrored",
            "Worked.chart",
            "Worked.work",
            "PlacedDraft.variant",
            "PlacedDraft.part",
            "PlacedDraft.figure",
            "PlacedDraft.timing",
            "PlacedDraft.element",
            "PlacedDraft.beats",
            "PlacedDraft.note",
            "PlacedDraft.accepted",
            "FloorDraft.startTurn",
            "BlockView.figure",
            "BlockView.after",
            "JoinView.accepted",
            "RoutineWorkView.fit",
            "RoutineWorkView.fitProblem",
            "NextView.adjustment",
            "RoutineDraft.couple",
            "RoutineDraft.phraseBars",
            "RoutineDraft.song",
            "RoutineDraft.songBar",
            "PlanDraft.course",
            "WayView.variant",
            "WayView.part",
            "LoopStep.variant",
            "LoopStep.part",
            "EventDraft.level",
            "EventDraft.length",
            "EventDraft.width",
            "EventReport.couple",
            "RoutineSummary.couple",
            "RoutineDraft.note",
            "RoutineSummary.note",
            "FigureSave.note");

    /** Records are always written whole, so what is not named optional is required; clients get exact types by it. */
    private static void require(String name, Schema<?> schema) {
        if (schema.getProperties() == null) return;
        List<String> names = List.copyOf(schema.getProperties().keySet());
        schema.setRequired(names.stream()
                .filter(property -> !OPTIONAL.contains(name + "." + property))
                .toList());
    }

    @Bean
    OpenApiCustomizer chartSchema() {
        return api -> {
            api.setInfo(new Info()
                    .title("Fluid Frame")
                    .version("1")
                    .description("Figures, their computed technique, and routines."));
            api.setServers(List.of());
            api.getComponents().getSchemas().forEach(ApiDescription::require);
            try {
                ObjectMapper mapper = new ObjectMapper();
                ObjectNode schema = (ObjectNode)
                        mapper.readTree(ChartSchema.text().replace("#/$defs/", "#/components/schemas/" + DEFINITION));
                JsonNode definitions = schema.remove("$defs");
                schema.remove(List.of("$schema", "$id"));
                api.getComponents().addSchemas("Chart", Json31.mapper().treeToValue(schema, Schema.class));
                for (var entry : definitions.properties()) {
                    api.getComponents()
                            .addSchemas(
                                    DEFINITION + entry.getKey(),
                                    Json31.mapper().treeToValue(entry.getValue(), Schema.class));
                }
            } catch (JsonProcessingException e) {
                throw new IllegalStateException("The shipped schema must be JSON", e);
            }
        };
    }
}
