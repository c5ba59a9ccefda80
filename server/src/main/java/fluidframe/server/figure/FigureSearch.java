package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Identity;
import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.core.link.Danceable;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Finds figures by what a coach would say of them: a name, another name, "promenade RF", "heel turn", "3/8", "facing DW".
 * Every word has to be found, at the beginning of a word of the figure.
 */
final class FigureSearch {
    private static final Set<String> FILLERS = Set.of(
            "a", "an", "the", "in", "on", "of", "with", "and", "to", "foot", "free", "starts", "start", "begins");

    private FigureSearch() {}

    static boolean matches(Danceable danced, String query) {
        String text = words(danced);
        return Arrays.stream(normal(query).split(" "))
                .filter(word -> !word.isEmpty() && !FILLERS.contains(word))
                .allMatch(word -> text.contains(" " + word));
    }

    /** 0 for a figure called what was asked for, 1 for one in which the words merely occur; for sorting. */
    static int rank(Danceable danced, String query) {
        Identity identity = danced.figure().identity();
        String asked = normal(query).trim();
        return Stream.concat(Stream.of(identity.name()), identity.otherNames().stream())
                        .anyMatch(name -> normal(name).contains(asked))
                ? 0
                : 1;
    }

    private static String words(Danceable danced) {
        Chart chart = danced.figure();
        StringBuilder text = new StringBuilder(" ");
        text.append(chart.identity().name())
                .append(' ')
                .append(String.join(" ", chart.identity().otherNames()));
        text.append(' ')
                .append(String.join(
                        " ",
                        chart.identity().levels().values().stream()
                                .map(Enum::name)
                                .toList()));
        EndView start = EndView.start(danced);
        EndView finish = EndView.finish(danced);
        for (EndView end : new EndView[] {start, finish}) {
            text.append(' ')
                    .append(end.position())
                    .append(' ')
                    .append(end.manFoot())
                    .append("F ")
                    .append(end.alignment());
            text.append(end.position().equals("promenade") ? " PP " : " ")
                    .append(end.manFoot().equals("R") ? "right " : "left ");
        }
        for (Role role : Role.values()) {
            text.append(chart.steps(role).stream().map(FigureSearch::row).collect(Collectors.joining(" ", " ", " ")));
        }
        return normal(text.toString());
    }

    private static String row(Step step) {
        return step.spoken() + " " + step.turn() + " "
                + step.alignment().map(Object::toString).orElse("") + " "
                + step.footwork().map(Object::toString).orElse("");
    }

    private static String normal(String text) {
        return " "
                + text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9/&]+", " ").trim() + " ";
    }
}
