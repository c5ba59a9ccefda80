package fluidframe.server.ribbon;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.link.Condition;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Repair;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.lang.Nullable;

/**
 * The join before figure {@code index} (from 1); verdict is yes, yes-if or no. {@code free} says that a free element is on one
 * side, {@code accepted} why the coach lets it stand though it does not hold.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record JoinView(
        int index,
        String verdict,
        boolean customary,
        boolean free,
        @Nullable String accepted,
        List<String> reasons,
        List<ConditionView> conditions,
        List<AdjustmentView> adjustments,
        List<RepairView> repairs) {
    private static final int MOST_REPAIRS = 12;

    /** One thing both figures have to agree on. */
    record ConditionView(String kind, boolean holds, String left, String wanted) {
        static ConditionView of(Condition condition) {
            return new ConditionView(condition.kind().told(), condition.holds(), condition.left(), condition.wanted());
        }
    }

    /** A way to mend it: {@code kind} is between, before or after; {@code bars} by how many bars the routine grows. */
    record RepairView(
            String kind,
            String name,

            @ArraySchema(schema = @Schema(ref = ApiDescription.PLACED))
            List<JsonNode> figures,

            double bars) {}

    static JoinView of(Junction junction, List<Repair> repairs, String accepted, int beatsPerBar) {
        Link link = junction.link();
        return new JoinView(
                junction.index(),
                verdict(link),
                junction.customary(),
                junction.free(),
                accepted,
                link.obstacles().stream().map(Condition::told).toList(),
                link.conditions().stream().map(ConditionView::of).toList(),
                link.adjustments().stream().map(AdjustmentView::of).toList(),
                repairs.stream()
                        .limit(MOST_REPAIRS)
                        .map(repair -> repair(repair, beatsPerBar))
                        .toList());
    }

    static String verdict(Link link) {
        return link.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static RepairView repair(Repair repair, int beatsPerBar) {
        return new RepairView(
                repair.kind().name().toLowerCase(Locale.ROOT),
                repair.figures().stream().map(Danceable::name).collect(Collectors.joining(", ")),
                repair.figures().stream()
                        .<JsonNode>map(f -> RoutineFormat.ROUTINE.toJson(
                                new PlacedFigure(f.figure().id(), f.use(), false)))
                        .toList(),
                repair.beats() / beatsPerBar);
    }

    /** Whether it does not hold and nobody has said why it may stand. */
    boolean isOpen() {
        return !verdict.equals("yes") && (accepted == null || accepted.isBlank());
    }
}
