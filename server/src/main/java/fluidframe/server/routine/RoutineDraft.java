package fluidframe.server.routine;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.direction.TurnText;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Placed;
import fluidframe.core.routine.PlacedElement;
import fluidframe.core.routine.PlacedFigure;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A routine as a coach describes it: tempo in bars a minute, the floor and stride in metres, and what is danced in order.
 *
 * @param couple for whom it is, if for somebody
 * @param phraseBars how many bars a phrase has; none is read as eight
 * @param song id of the song it is set to, if any
 * @param songBar the bar of the song on which it begins; none is read as the first after the introduction
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record RoutineDraft(
        @NotBlank @Size(max = 120) String name,
        @NotBlank String dance,
        @DecimalMin("10") @DecimalMax("100") double tempo,
        @NotNull @Valid FloorDraft floor,
        @Size(max = 2000) String note,
        @Size(max = 120) String couple,
        @Min(1) @Max(32) Integer phraseBars,
        String song,
        @Min(1) @Max(400) Integer songBar,
        @NotNull @Size(max = 200) List<@Valid @NotNull PlacedDraft> figures) {
    private static final int USUAL_PHRASE = 8;
    private static final int BEAT_PARTS = 12;

    /** The floor, where the couple begins on it and by how many sixteenths the first figure is turned from its chart. */
    public record FloorDraft(
            @DecimalMin("4") @DecimalMax("100") double length,
            @DecimalMin("4") @DecimalMax("100") double width,
            double startX,
            double startY,
            @DecimalMin("0.3") @DecimalMax("1.2") double stride,
            @Min(0) @Max(15) Integer startTurn) {}

    /**
     * Something in its place: a figure by its id, or a free element by its name and beats. {@code lastTurn} is how many
     * sixteenths more (or less) a figure turns at its end, {@code times} how often its repeated steps are danced (0 is read as
     * once), {@code otherFoot} whether it begins to the other side, {@code timing} another timing of its chart. {@code
     * accepted} is the coach's reason to let a join before it stand that does not hold.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record PlacedDraft(
            String figure,
            String variant,
            String part,
            @Min(-8) @Max(8) int lastTurn,
            boolean corner,
            @Min(0) @Max(16) int times,
            boolean otherFoot,
            String timing,
            @Size(max = 80) String element,
            @DecimalMin("1") @DecimalMax("128") Double beats,
            @Size(max = 500) String note,
            @Size(max = 300) String accepted) {
        Placed toPlaced(int place) {
            if (element != null && !element.isBlank()) return new PlacedElement(element.trim(), length());
            if (figure == null || figure.isBlank()) {
                throw new IllegalArgumentException(
                        "Place " + place + " of the routine must have a figure or a free element");
            }
            FigureUse use = new FigureUse(
                    Optional.ofNullable(variant), Optional.ofNullable(part), lastTurn, Math.max(1, times), otherFoot);
            return new PlacedFigure(figure, use, corner, Optional.ofNullable(timing));
        }

        private Beats length() {
            return Beats.of((int) Math.round((beats == null ? 1 : beats) * BEAT_PARTS), BEAT_PARTS);
        }

        static PlacedDraft of(String figure, FigureUse use, boolean corner) {
            return new PlacedDraft(
                    figure,
                    use.variant().orElse(null),
                    use.part().orElse(null),
                    use.lastTurnSixteenths(),
                    corner,
                    use.times(),
                    use.otherFoot(),
                    null,
                    null,
                    null,
                    null,
                    null);
        }

        /** {@code "1/8 less at the end"}, empty for a figure as charted. */
        static String turnWords(int lastTurn) {
            if (lastTurn == 0) return "";
            return TurnText.fraction(Math.abs(lastTurn)) + (lastTurn > 0 ? " more" : " less") + " turn at the end";
        }
    }

    RoutineDraft toSong(String id) {
        return new RoutineDraft(name, dance, tempo, floor, note, couple, phraseBars, id, songBar, figures);
    }

    /** Refuses a dance that is not known. */
    public Dance toDance() {
        return Dance.parse(dance);
    }

    List<Placed> toPlaced() {
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < figures.size(); i++) placed.add(figures.get(i).toPlaced(i + 1));
        return placed;
    }

    Hall toHall() {
        return new Hall(floor.length(), floor.width(), new Point(floor.startX(), floor.startY()));
    }

    public Stride toStride() {
        return new Stride(floor.stride());
    }

    int startTurn() {
        return floor.startTurn() == null ? 0 : floor.startTurn();
    }

    int phrase() {
        return phraseBars == null ? USUAL_PHRASE : phraseBars;
    }
}
