package fluidframe.server.chart;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Repetition;
import fluidframe.core.count.Beats;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.PositionChange;
import fluidframe.core.link.Aftermath;
import fluidframe.core.rule.Sheet;
import fluidframe.core.rule.safety.Cautions;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * What the core adds to a chart for whoever reads it: the same rhythm in other languages of counting, how often repeated
 * steps may be danced, what makes the couple's positions change, how it is left, and the cautions it would say.
 */
public record AidsView(
        List<CountView> counts,
        List<RepeatedView> repeats,
        List<String> positionChanges,
        String atItsEnd,
        List<String> cautions) {
    /** The rows of both roles in one language of counting; a role is empty where the language cannot say it. */
    public record CountView(String language, List<String> man, List<String> lady) {}

    /** A stretch of steps that may be repeated, and what follows from every number of times. */
    public record RepeatedView(String steps, List<RepeatView> ways) {}

    /** What follows from one number of repeats: whole bars or not, and which foot each role is left with. */
    public record RepeatView(int times, String bars, boolean fits, String manFree, String ladyFree) {}

    static AidsView of(Sheet sheet) {
        Chart chart = sheet.chart();
        List<CountView> counts = new ArrayList<>();
        for (CountLanguage language : CountLanguage.values()) {
            counts.add(new CountView(
                    language.toString(), chart.said(Role.MAN, language), chart.said(Role.LADY, language)));
        }
        return new AidsView(
                counts,
                repeats(chart),
                sheet.isForCouple()
                        ? PositionChange.of(sheet.ledger()).stream()
                                .map(PositionChange::told)
                                .toList()
                        : List.of(),
                Aftermath.told(chart),
                Cautions.proposedFor(chart).stream()
                        .map(Cautions.Proposal::text)
                        .filter(text -> !chart.teaching().cautions().contains(text))
                        .toList());
    }

    private static List<RepeatedView> repeats(Chart chart) {
        List<Integer> most = Repetition.most(chart);
        List<RepeatedView> views = new ArrayList<>();
        for (int i = 0; i < most.size(); i++) {
            RepeatGroup group = chart.repeats().get(i);
            List<RepeatView> ways = new ArrayList<>();
            for (int often = group.least(); often <= most.get(i); often++) {
                List<Integer> times = new ArrayList<>(Collections.nCopies(i, 1));
                times.add(often);
                ways.add(repeat(often, Repetition.of(chart, times, false)));
            }
            views.add(new RepeatedView(group.from() + "-" + group.to(), ways));
        }
        return views;
    }

    private static RepeatView repeat(int times, Chart danced) {
        Beats over = danced.length().remainder(danced.dance().phraseUnit());
        return new RepeatView(
                times, WorkView.bars(danced), over.isZero(), free(danced, Role.MAN), free(danced, Role.LADY));
    }

    private static String free(Chart danced, Role role) {
        return Repetition.freeFoot(danced, role).map(Foot::toString).orElse("");
    }
}
