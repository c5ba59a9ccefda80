package fluidframe.core.proposal;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Finish;
import fluidframe.core.chart.Identity;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Repetition;
import fluidframe.core.chart.Start;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.Teaching;
import fluidframe.core.chart.Totals;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** New charts from nothing or from others: a copy, the natural opposite, a pattern repeated. */
public final class ChartMaker {
    /** Characters, as the format asks. */
    private static final int MAX_ID = 80;

    private ChartMaker() {}

    /** The id that a figure of this name gets: {@code waltz.natural-turn}. */
    public static String idFor(Dance dance, String name) {
        String words = name.trim()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        if (words.isEmpty()) throw new IllegalArgumentException("A figure must have a name with letters in it");
        String id = dance + "." + words;
        return id.length() > MAX_ID ? id.substring(0, MAX_ID).replaceAll("-$", "") : id;
    }

    /** A chart with the one row that every chart must have, to be written over; the lady's rows are derived or typed. */
    public static Chart begun(Dance dance, String name, Step man) {
        Hold hold = dance.family() == Dance.Family.LATIN ? Hold.CLOSED_NO_CONTACT : Hold.CLOSED_CONTACT;
        return plain(identity(dance, name, "", ""), Start.in(CouplePosition.CLOSED, hold), List.of(man), List.of());
    }

    /** A copy under another name, with everything that the original says. */
    public static Chart copy(Chart chart, String name) {
        String id = idFor(chart.dance(), name);
        Identity identity = new Identity(
                id,
                chart.dance(),
                name,
                List.of(),
                chart.identity().levels(),
                chart.identity().summary(),
                chart.id().equals(id) ? "" : chart.id());
        return new Chart(
                identity,
                chart.start(),
                chart.man(),
                chart.lady(),
                chart.timings(),
                chart.options(),
                chart.repeats(),
                chart.totals(),
                chart.finish(),
                chart.parts(),
                chart.variants(),
                chart.teaching(),
                chart.accepted());
    }

    /** The same on the other foot to the other side, with alignments mirrored across the line of dance. */
    public static Chart opposite(Chart chart, String name) {
        return plain(
                identity(
                        chart.dance(),
                        name,
                        "The natural opposite of the " + chart.identity().name() + ".",
                        chart.id()),
                chart.start().mirrored(),
                chart.man().stream().map(Step::mirrored).toList(),
                chart.lady().stream().map(Step::mirrored).toList());
    }

    /**
     * All steps of a chart danced several times over, written out.
     *
     * @param mirrored whether every second time goes to the other side
     */
    public static Chart repeated(Chart chart, String name, int times, boolean mirrored) {
        int rows = chart.man().isEmpty() ? chart.lady().size() : chart.man().size();
        Chart grouped = new Chart(
                identity(chart.dance(), name, chart.identity().name() + " danced " + times + " times.", chart.id()),
                chart.start(),
                chart.man(),
                chart.lady(),
                List.of(),
                List.of(),
                List.of(new RepeatGroup(1, rows, 1, 16, mirrored)),
                Totals.UNDECLARED,
                chart.finish(),
                List.of(),
                List.of(),
                Teaching.NONE,
                List.of());
        Chart written = Repetition.of(grouped, times);
        return plain(written.identity(), written.start(), written.man(), written.lady());
    }

    private static Identity identity(Dance dance, String name, String summary, String from) {
        return new Identity(idFor(dance, name), dance, name, List.of(), Map.of(), summary, from);
    }

    private static Chart plain(Identity identity, Start start, List<Step> man, List<Step> lady) {
        return new Chart(
                identity,
                start,
                man,
                lady,
                List.of(),
                List.of(),
                List.of(),
                Totals.UNDECLARED,
                Finish.AS_CHARTED,
                List.of(),
                List.of(),
                Teaching.NONE,
                List.of());
    }
}
