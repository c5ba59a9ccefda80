package fluidframe.library.routine;

import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.direction.TurnText;
import fluidframe.core.routine.Placed;
import fluidframe.core.routine.PlacedElement;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.library.text.Difference;
import fluidframe.library.text.TreeDifference;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;

/** Everything in which two states of a routine differ: settings first, then the figures in order. */
public final class RoutineDifference {
    /** Where a figure stands is told as this word and its place, from 1. */
    public static final String FIGURE = "figure";

    private RoutineDifference() {}

    /** @param names gives the name of a figure by its id */
    public static List<Difference> between(Routine before, Routine after, UnaryOperator<String> names) {
        List<Difference> changes = new ArrayList<>();
        setting(changes, "Name", before.name(), after.name());
        setting(changes, "Dance", before.dance().title(), after.dance().title());
        setting(changes, "Tempo", before.tempo() + " bars a minute", after.tempo() + " bars a minute");
        setting(changes, "Floor", floor(before), floor(after));
        setting(changes, "First turned by", before.startTurn() + "/16", after.startTurn() + "/16");
        setting(
                changes,
                "Stride",
                before.stride().metres() + " m",
                after.stride().metres() + " m");
        setting(changes, "Couple", said(before.couple()), said(after.couple()));
        setting(changes, "Phrase", before.phraseBars() + " bars", after.phraseBars() + " bars");
        setting(
                changes,
                "Song",
                said(before.song().orElse("")),
                said(after.song().orElse("")));
        setting(changes, "Song bar", bar(before), bar(after));
        setting(changes, "Note", said(before.note()), said(after.note()));
        changes.addAll(TreeDifference.lists(FIGURE, words(before, names), words(after, names)));
        return changes;
    }

    private static void setting(List<Difference> changes, String name, String before, String after) {
        if (!Objects.equals(before, after)) changes.add(new Difference(name, before, after));
    }

    private static String said(String value) {
        return value.isBlank() ? "none" : value;
    }

    private static String bar(Routine routine) {
        return routine.songBar().isPresent() ? String.valueOf(routine.songBar().getAsInt()) : "none";
    }

    private static String floor(Routine routine) {
        return routine.hall().lengthMetres() + " x " + routine.hall().widthMetres() + " m from "
                + routine.hall().start().x() + ", " + routine.hall().start().y();
    }

    private static List<String> words(Routine routine, UnaryOperator<String> names) {
        return routine.places().stream().map(place -> words(place, names)).toList();
    }

    private static String words(Routine.Place place, UnaryOperator<String> names) {
        StringBuilder words = new StringBuilder(words(place.placed(), names));
        if (!place.accepted().isBlank()) words.append(", let stand: ").append(place.accepted());
        if (!place.note().isBlank()) words.append(" (").append(place.note()).append(")");
        return words.toString();
    }

    private static String words(Placed placed, UnaryOperator<String> names) {
        if (placed instanceof PlacedElement element) {
            return element.name() + ", " + element.length() + " beats"
                    + element.left().map(RoutineDifference::words).orElse("");
        }
        PlacedFigure figure = (PlacedFigure) placed;
        FigureUse use = figure.use();
        StringBuilder words = new StringBuilder(names.apply(figure.figureId()));
        use.part().ifPresent(part -> words.append(" ").append(part));
        use.variant().ifPresent(variant -> words.append(", ").append(variant));
        if (use.lastTurnSixteenths() != 0) words.append(", ").append(turn(use.lastTurnSixteenths()));
        words.append(use.oftenTold());
        if (use.otherFoot()) words.append(", to the other side");
        if (use.ending() != Ending.AS_CHARTED) words.append(", ended ").append(use.ending());
        if (!use.options().isEmpty()) words.append(", danced ").append(String.join(" and ", use.options()));
        figure.timing().ifPresent(timing -> words.append(", counted ").append(timing));
        if (figure.corner()) words.append(", after the corner");
        return words.toString();
    }

    /** The feet are those of the man and the lady, in this order. */
    private static String words(PlacedElement.Left left) {
        return ", left in " + left.position() + ", " + left.hold() + ", "
                + left.manFree().spoken() + " and " + left.ladyFree().spoken() + " free"
                + left.man().map(direction -> ", to " + direction).orElse("");
    }

    /** How its end differs from the chart: {@code "1/8 less turn at the end, ended nearer"}; empty as charted. */
    public static String ended(FigureUse use) {
        List<String> words = new ArrayList<>();
        if (use.lastTurnSixteenths() != 0) words.add(turn(use.lastTurnSixteenths()));
        if (use.ending() != Ending.AS_CHARTED) words.add("ended " + use.ending());
        return String.join(", ", words);
    }

    /** {@code "1/8 less turn at the end"}, empty for a figure as charted. */
    public static String turn(int lastTurn) {
        if (lastTurn == 0) return "";
        return TurnText.change(lastTurn) + " turn at the end";
    }
}
