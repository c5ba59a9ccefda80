package fluidframe.server.repertoire;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Identity;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.Teaching;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.link.Danceable;
import fluidframe.server.chart.EndView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Finds figures by what a coach would say of them: a name, another name, "promenade RF free", "heel turn", "3/8", "starts
 * facing DW", "finishes in promenade". Every word has to be found, at the beginning of a word of the figure; words after
 * "starts" are looked for where it starts, words after "finishes" where it finishes.
 * What is asked of the steps ("SSQQ", "lady spins", "turns left 1/4") is told apart by {@link StepQuery}.
 */
public final class FigureSearch {
    /** Where a word is looked for. */
    private enum Place {
        ANYWHERE,
        START,
        FINISH
    }

    private record Wanted(String word, Place place) {
        /** Whether the word says where figures start and finish, so that a name which happens to hold it does not count. */
        boolean isOfPlace() {
            return PLACES.contains(word);
        }
    }

    private static final Set<String> PLACES = Stream.concat(
                    Stream.of(CouplePosition.values())
                            .flatMap(position -> Stream.of(position.toString().split(" "))),
                    Stream.of(
                            "pp",
                            "facing",
                            "backing",
                            "pointing",
                            "lod",
                            "dw",
                            "dc",
                            "wall",
                            "centre",
                            "dwa",
                            "dca",
                            "rf",
                            "lf"))
            .collect(Collectors.toUnmodifiableSet());

    private static final Set<String> FILLERS =
            Set.of("a", "an", "the", "in", "on", "of", "with", "and", "to", "foot", "free");
    private static final Set<String> STARTS = Set.of("starts", "start", "begins", "begin", "starting", "from");
    private static final Set<String> FINISHES = Set.of("finishes", "finish", "ends", "end", "ending", "into");

    private final List<Wanted> wanted = new ArrayList<>();
    private final StepQuery steps;
    private final String asked;

    private FigureSearch(String query) {
        steps = StepQuery.of(query);
        asked = normal(steps.rest()).trim();
        Place place = Place.ANYWHERE;
        String[] words = asked.split(" ");
        for (int i = 0; i < words.length; i++) {
            boolean more = i + 1 < words.length;
            if (more && STARTS.contains(words[i])) place = Place.START;
            else if (more && FINISHES.contains(words[i])) place = Place.FINISH;
            else if (!words[i].isEmpty() && !FILLERS.contains(words[i])) wanted.add(new Wanted(words[i], place));
        }
    }

    public static FigureSearch of(String query) {
        return new FigureSearch(query);
    }

    public boolean matches(Text text) {
        if (!steps.matches(text.steps())) return false;
        if (wanted.isEmpty() || rank(text) == 0) return true;
        return wanted.stream().allMatch(w -> {
            String where =
                    w.place() == Place.START ? text.start() : w.place() == Place.FINISH ? text.finish() : text.all();
            return where.contains(" " + w.word())
                    || !w.isOfPlace() && text.called().contains(" " + w.word());
        });
    }

    /** 0 for a figure called what was asked for, 1 for one that says it in one breath, 2 where the words merely occur. */
    int rank(Text text) {
        if (text.names().stream().anyMatch(name -> name.contains(asked))) return 0;
        return text.words().contains(" " + asked) ? 1 : 2;
    }

    /** Those that say what was asked for in one breath; where none does, all. */
    public List<FigureListing> closest(List<FigureListing> found) {
        List<FigureListing> close =
                found.stream().filter(figure -> rank(figure.text()) < 2).toList();
        return (close.isEmpty() ? found : close)
                .stream()
                        .sorted(Comparator.comparingInt(figure -> rank(figure.text())))
                        .toList();
    }

    /**
     * What is searched of one figure, in plain lower case words with a blank at both ends.
     *
     * @param names each name by itself
     * @param called all names together
     * @param words everything that is said of it
     * @param start where it starts
     * @param finish where it finishes
     * @param all the words and both places
     * @param steps what can be asked of its steps
     */
    public record Text(
            List<String> names,
            String called,
            String words,
            String start,
            String finish,
            String all,
            StepQuery.Steps steps) {
        static Text of(Danceable danced) {
            String start = normal(end(EndView.start(danced)));
            String finish = normal(end(EndView.finish(danced)));
            String words = normal(FigureSearch.words(danced));
            return new Text(
                    FigureSearch.names(danced).map(FigureSearch::normal).toList(),
                    normal(FigureSearch.names(danced).collect(Collectors.joining(" "))),
                    words,
                    start,
                    finish,
                    words + start + finish,
                    StepQuery.Steps.of(danced));
        }
    }

    private static Stream<String> names(Danceable danced) {
        Identity identity = danced.figure().identity();
        return Stream.concat(Stream.of(identity.name()), identity.otherNames().stream());
    }

    private static String end(EndView end) {
        String abbreviation = end.position().equals("promenade") ? " PP" : "";
        return end.position() + abbreviation + " " + foot(end.manFoot()) + " " + end.alignment()
                + (end.outside() ? " outside partner" : "");
    }

    private static String foot(String free) {
        return free.isEmpty() ? "" : free + "F " + (free.equals("R") ? "right" : "left");
    }

    private static String words(Danceable danced) {
        Chart chart = danced.figure();
        Teaching teaching = chart.teaching();
        StringBuilder text = new StringBuilder(names(danced).collect(Collectors.joining(" ")));
        chart.identity()
                .levels()
                .forEach((style, level) ->
                        text.append(' ').append(style).append(' ').append(level));
        text.append(' ').append(chart.dance().title());
        text.append(' ').append(chart.identity().summary());
        teaching.faults()
                .forEach(f -> text.append(' ')
                        .append(f.seen())
                        .append(' ')
                        .append(f.cause())
                        .append(' ')
                        .append(f.cue()));
        chart.options().forEach(option -> text.append(' ').append(option.name()));
        for (Role role : Role.values())
            chart.steps(role).forEach(step -> text.append(' ').append(row(step, chart.dance())));
        return text.toString();
    }

    private static String row(Step step, Dance dance) {
        return step.spoken() + " "
                + Stream.of(Column.values())
                        .filter(column -> !column.isRequired())
                        .map(column -> column.of(step, dance))
                        .collect(Collectors.joining(" "));
    }

    private static String normal(String text) {
        return " "
                + text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9/&]+", " ").trim() + " ";
    }
}
