package fluidframe.server.routine;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Dance;
import fluidframe.core.direction.TurnText;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.PlacedFigure;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;

/** A routine as a coach describes it: tempo in bars a minute, the floor and stride in metres, and the figures in order. */
record RoutineDraft(
        @NotBlank @Size(max = 120) String name,
        @NotBlank String dance,
        @DecimalMin("10") @DecimalMax("100") double tempo,
        @NotNull @Valid FloorDraft floor,
        @Size(max = 2000) String note,
        @NotNull @Size(max = 200) List<@Valid @NotNull PlacedDraft> figures) {
    /** The floor and where the couple begins on it. */
    record FloorDraft(
            @DecimalMin("4") @DecimalMax("100") double length,
            @DecimalMin("4") @DecimalMax("100") double width,
            double startX,
            double startY,
            @DecimalMin("0.3") @DecimalMax("1.2") double stride) {}

    /**
     * A figure in its place; {@code lastTurn} is how many sixteenths more (or less) it turns at its end, {@code times} how
     * often its repeated steps are danced (0 is read as once), {@code otherFoot} whether it begins to the other side.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record PlacedDraft(
            @NotBlank String figure,
            String variant,
            String part,
            @Min(-8) @Max(8) int lastTurn,
            boolean corner,
            @Min(0) @Max(16) int times,
            boolean otherFoot) {
        PlacedFigure toPlaced() {
            FigureUse use = new FigureUse(
                    Optional.ofNullable(variant), Optional.ofNullable(part), lastTurn, Math.max(1, times), otherFoot);
            return new PlacedFigure(figure, use, corner);
        }

        static PlacedDraft of(String figure, FigureUse use, boolean corner) {
            return new PlacedDraft(
                    figure,
                    use.variant().orElse(null),
                    use.part().orElse(null),
                    use.lastTurnSixteenths(),
                    corner,
                    use.times(),
                    use.otherFoot());
        }

        /** {@code "1/8 less at the end"}, empty for a figure as charted. */
        static String turnWords(int lastTurn) {
            if (lastTurn == 0) return "";
            return TurnText.fraction(Math.abs(lastTurn)) + (lastTurn > 0 ? " more" : " less") + " turn at the end";
        }
    }

    Dance toDance() {
        return Dance.parse(dance);
    }

    List<PlacedFigure> toPlaced() {
        return figures.stream().map(PlacedDraft::toPlaced).toList();
    }

    Hall toHall() {
        return new Hall(floor.length(), floor.width(), new Point(floor.startX(), floor.startY()));
    }

    Stride toStride() {
        return new Stride(floor.stride());
    }
}
