package fluidframe.server.links;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.direction.TurnText;
import fluidframe.core.link.Condition;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.LinkMap;
import fluidframe.core.plan.Drill;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.chart.WorkView;
import fluidframe.server.ribbon.AdjustmentView;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.lang.Nullable;

/** Links as they are sent: verdicts are yes, yes-if or no. */
final class LinkViews {
    private LinkViews() {}

    /** The map of a dance; cells name figures by id. */
    record DanceMapView(
            List<BandView> beginnings, List<BandView> endings, List<CellView> cells, Map<String, String> names) {}

    /** Figures that begin or end alike. */
    record BandView(String position, String manFree, List<String> figures) {
        static BandView of(LinkMap.Band band) {
            return new BandView(band.position(), band.manFree().spoken(), band.figures());
        }
    }

    /** Two figures that can be joined or are customary; {@code otherwise} says that only a part or variant joins. */
    record CellView(String before, String after, String verdict, boolean customary, boolean otherwise) {
        static CellView of(LinkMap.Cell cell) {
            return new CellView(
                    cell.before(), cell.after(), LinkViews.verdict(cell.best()), cell.customary(), cell.otherwise());
        }
    }

    /** A figure, part or variant. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record WayView(
            String key,
            String figure,
            String name,
            @Nullable String variant,
            @Nullable String part,
            double bars) {
        static WayView of(Danceable danced) {
            return new WayView(
                    LinkViews.key(danced),
                    danced.figure().id(),
                    danced.name(),
                    danced.use().variant().orElse(null),
                    danced.use().part().orElse(null),
                    danced.chart().length().toDouble() / danced.chart().dance().beatsPerBar());
        }
    }

    /** Two in order: what both opinions are, every condition with both sides' values, what would make it possible. */
    record PairView(
            WayView before,
            WayView after,
            String verdict,
            boolean customary,
            String alignment,
            List<PairCondition> conditions,
            List<AdjustmentView> adjustments) {}

    /** One thing both have to agree on. */
    record PairCondition(String kind, boolean holds, String left, String wanted, String reason) {
        static PairCondition of(Condition condition) {
            return new PairCondition(
                    condition.kind().told(), condition.holds(), condition.left(), condition.wanted(), condition.told());
        }
    }

    /** A neighbour of a figure. */
    record NeighbourView(WayView way, String verdict, boolean customary, String words) {}

    /** What leads into a figure and what leads out of it. */
    record AroundView(WayView way, List<WayView> ways, List<NeighbourView> into, List<NeighbourView> out) {}

    /** A practice loop; metres are along the line of dance. */
    record LoopView(List<LoopStep> figures, double bars, double metres) {}

    /** A figure of a loop, with the corner taken before it. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record LoopStep(
            String figure,
            String name,
            @Nullable String variant,
            @Nullable String part,
            boolean corner) {
        static LoopStep of(Danceable danced) {
            return new LoopStep(
                    danced.figure().id(),
                    danced.name(),
                    danced.use().variant().orElse(null),
                    danced.use().part().orElse(null),
                    false);
        }
    }

    /**
     * Drills through a figure, the best of both sorts: those that come back to their direction in one round, and those that turn
     * on; {@code moving} says whether the dance goes round the floor.
     */
    record DrillsView(int all, List<DrillView> returning, List<DrillView> turning, boolean moving) {}

    /** A chain that can be danced again from its end; the way is that of the couple over all its rounds, in metres. */
    record DrillView(
            List<LoopStep> figures,
            double bars,
            String turned,
            int rounds,
            boolean customary,
            boolean keepsAlignments,
            List<WorkView.PlaceView> way,

            @ArraySchema(schema = @Schema(ref = ApiDescription.PLACED))
            List<JsonNode> places) {
        static DrillView of(Drill drill) {
            return new DrillView(
                    drill.figures().stream().map(LoopStep::of).toList(),
                    drill.bars(),
                    TurnText.amount(drill.turned()),
                    drill.rounds(),
                    drill.isCustomary(),
                    drill.keepsAlignments(),
                    drill.path().stream().map(WorkView.PlaceView::of).toList(),
                    drill.figures().stream()
                            .map(danced -> (JsonNode) RoutineFormat.ROUTINE.toJson(
                                    new PlacedFigure(danced.figure().id(), danced.use(), false)))
                            .toList());
        }
    }

    static String verdict(Link link) {
        return link.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Names one way of dancing a figure, each by another key: its id, then variant, part, repeats and other foot, if any. */
    static String key(Danceable danced) {
        return danced.figure().id()
                + danced.use().variant().map(v -> "~" + v).orElse("")
                + danced.use().part().map(p -> "@" + p).orElse("")
                + danced.use().times().stream().map(often -> "*" + often).collect(Collectors.joining())
                + (danced.use().otherFoot() ? "^" : "");
    }
}
