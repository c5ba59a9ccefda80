package fluidframe.server.plan;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Laid;
import fluidframe.core.plan.Variety;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.lang.Nullable;

/**
 * How far a plan is, and what came of it.
 *
 * @param state waiting, working, done, failed or given up
 * @param message why it failed
 * @param count how many routines meet every condition, in digits
 * @param limited names of the figures that had to be limited so that nothing is danced too often; with any, the count is only
 *     an upper bound
 * @param varied whether nothing in the proposals is danced more often than asked
 * @param proven whether the first proposal is the best of all
 * @param contradiction conditions that cannot be met together, if there is none
 * @param bound for routines on a floor, which are not proven to be the best: what none can be worth more than; the count is
 *     then that of those found
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record PlanView(
        String id,
        String state,
        String message,
        String count,
        List<String> limited,
        boolean varied,
        boolean proven,
        List<ProposalView> proposals,
        List<String> contradiction,
        @Nullable Integer bound) {
    /** One proposed routine with the parts of its score. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ProposalView(
            @ArraySchema(schema = @Schema(ref = ApiDescription.PLACED))
            List<JsonNode> figures,

            List<PieceView> pieces,
            int score,
            int customary,
            int highlight,
            int variety,
            int travel,
            int sides,
            int change,
            int build,
            @Nullable LaidView laid) {}

    /**
     * Where a proposal lies on its floor.
     *
     * @param startX where it begins, in metres
     * @param times how often it is danced until it closes, 1 if it need not
     * @param gap how far from its beginning that is, in metres
     * @param shares how much of each long side is danced along, in hundredths
     */
    record LaidView(double startX, double startY, int times, double gap, List<Integer> shares) {
        static LaidView of(Laid laid) {
            return new LaidView(
                    Math.round(laid.start().x() * 100) / 100.0,
                    Math.round(laid.start().y() * 100) / 100.0,
                    laid.times(),
                    Math.round(laid.gapMetres() * 100) / 100.0,
                    laid.shares().stream()
                            .map(share -> (int) Math.floor(share * 100))
                            .toList());
        }
    }

    /** A figure of a proposal as a ribbon shows it. */
    record PieceView(String name, double bars, boolean corner) {}

    static PlanView of(String id, String state, String message) {
        return new PlanView(id, state, message, "", List.of(), true, true, List.of(), List.of(), null);
    }

    static PlanView of(String id, Dance dance, Variety variety, Repertoire repertoire) {
        Composition found = variety.composition();
        return new PlanView(
                id,
                "done",
                "",
                found.count().toString(),
                variety.limits().keySet().stream()
                        .map(figure -> nameOf(figure, repertoire))
                        .sorted()
                        .toList(),
                variety.kept(),
                variety.proven(),
                found.best().stream()
                        .map(proposal -> proposal(dance, proposal, repertoire))
                        .toList(),
                found.contradiction().stream()
                        .map(condition -> condition.words(figure -> nameOf(figure, repertoire)))
                        .toList(),
                found.bound().isPresent() ? found.bound().getAsInt() : null);
    }

    private static ProposalView proposal(Dance dance, Composition.Proposal proposal, Repertoire repertoire) {
        Composition.Parts parts = proposal.parts();
        return new ProposalView(
                proposal.figures().stream()
                        .<JsonNode>map(RoutineFormat.ROUTINE::toJson)
                        .toList(),
                proposal.figures().stream()
                        .map(f -> repertoire
                                .find(f.figureId(), f.use())
                                .map(danced -> new PieceView(
                                        danced.name(),
                                        danced.chart().length().toDouble() / dance.beatsPerBar(),
                                        f.corner()))
                                .orElseThrow())
                        .toList(),
                proposal.score(),
                parts.customary(),
                parts.highlight(),
                parts.variety(),
                parts.travel(),
                parts.sides(),
                parts.change(),
                parts.build(),
                proposal.laid().map(LaidView::of).orElse(null));
    }

    private static String nameOf(String id, Repertoire repertoire) {
        return repertoire.chart(id).orElseThrow().identity().name();
    }
}
