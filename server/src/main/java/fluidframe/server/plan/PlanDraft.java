package fluidframe.server.plan;

import fluidframe.core.plan.Course;
import fluidframe.core.plan.Plan;
import fluidframe.core.plan.Weights;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.lang.Nullable;

/** A plan as a coach asks for it; figures by their ids, blank for no wish, {@code eachAtMost} 0 for as often as fits. */
record PlanDraft(
        @NotBlank String dance,
        @Min(1) @Max(Plan.MOST_BARS) int bars,
        @NotNull @Size(max = 500) List<@NotBlank String> allowed,
        @NotNull @Size(max = 8) List<@NotBlank String> required,
        @NotNull @Size(max = 8) Map<String, @Min(0) @Max(16) Integer> atMost,
        @Min(0) @Max(16) int eachAtMost,
        String first,
        String last,
        boolean closes,
        @Min(1) @Max(32) int phraseBars,
        @NotNull @Size(max = 50) List<@NotBlank String> highlights,
        @NotNull @Valid WeightsDraft weights,
        @Nullable @Valid CourseDraft course,
        @Min(1) @Max(Plan.MOST_WANTED) int wanted) {
    record WeightsDraft(
            @Min(0) @Max(10) int customary,
            @Min(0) @Max(10) int highlight,
            @Min(0) @Max(10) int variety,
            @Min(0) @Max(10) int travel,
            @Min(0) @Max(10) int sides) {}

    /** The sides to dance along, in metres, and by how much they may be missed. */
    record CourseDraft(@NotNull @Size(min = 1, max = 4) List<@NotNull Double> sides, double tolerance) {}

    Plan toPlan() {
        return new Plan(
                bars,
                Set.copyOf(allowed),
                required,
                atMost,
                wish(first),
                wish(last),
                closes,
                phraseBars,
                Set.copyOf(highlights),
                new Weights(
                        weights.customary(), weights.highlight(), weights.variety(), weights.travel(), weights.sides()),
                Optional.ofNullable(course).map(way -> new Course(way.sides(), way.tolerance())),
                wanted);
    }

    private static Optional<String> wish(String figure) {
        return Optional.ofNullable(figure).filter(id -> !id.isBlank());
    }
}
