package fluidframe.server.plan;

import fluidframe.core.floor.Stride;
import fluidframe.core.plan.Course;
import fluidframe.core.plan.Ground;
import fluidframe.core.plan.Plan;
import fluidframe.core.plan.Weights;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
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
        @Nullable @Valid GroundDraft ground,
        @NotNull @Size(max = 100) List<@NotNull @Valid MomentDraft> moments,
        @Min(1) @Max(Plan.MOST_WANTED) int wanted,
        @DecimalMin("0") @DecimalMax("0.9") double apart) {
    record WeightsDraft(
            @Min(0) @Max(10) int customary,
            @Min(0) @Max(10) int highlight,
            @Min(0) @Max(10) int variety,
            @Min(0) @Max(10) int travel,
            @Min(0) @Max(10) int sides,
            @Min(0) @Max(10) int change,
            @Min(0) @Max(10) int build) {
        Weights toWeights() {
            return new Weights(customary, highlight, variety, travel, sides, change, build);
        }
    }

    /** The sides to dance along, in metres, and by how much they may be missed. */
    record CourseDraft(@NotNull @Size(min = 1, max = 4) List<@NotNull Double> sides, double tolerance) {}

    /** The floor to stay on and the couple's stride, in metres; {@code share} of each long side to be used, 0 to 0.9. */
    record GroundDraft(double length, double width, double stride, double share) {
        Ground toGround() {
            return new Ground(length, width, new Stride(stride), share);
        }
    }

    /** A stretch of the music in which a figure is to begin; {@code bar} counts from 0, the routine's first. */
    record MomentDraft(
            @Min(0) @Max(Plan.MOST_BARS) int bar,
            @Min(1) @Max(Plan.MOST_BARS) int bars,
            @NotBlank String figure) {}

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
                weights.toWeights(),
                Optional.ofNullable(course).map(way -> new Course(way.sides(), way.tolerance())),
                Optional.ofNullable(ground).map(GroundDraft::toGround),
                moments.stream()
                        .map(moment -> new Plan.Moment(moment.bar(), moment.bars(), moment.figure()))
                        .toList(),
                wanted,
                apart);
    }

    private static Optional<String> wish(String figure) {
        return Optional.ofNullable(figure).filter(id -> !id.isBlank());
    }
}
