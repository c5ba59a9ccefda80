package fluidframe.server.chart;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Repetition;
import fluidframe.core.count.Beats;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.PositionChange;
import fluidframe.core.link.Aftermath;
import fluidframe.core.rule.Sheet;
import fluidframe.core.rule.safety.Cautions;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.List;

/**
 * What the core adds to a chart for whoever reads it: the same rhythm in other languages of counting, how often repeated
 * steps may be danced, what makes the couple's positions change, how it is left, and the cautions it would say.
 */
public record AidsView(
        List<CountView> counts,
        List<RepeatView> repeats,
        List<String> positionChanges,
        String atItsEnd,
        List<String> cautions) {
    /** The rows of both roles in one language of counting; a role is empty where the language cannot say it. */
    public record CountView(String language, List<String> man, List<String> lady) {}

    /** What follows from one number of repeats: whole bars or not, and which foot each role is left with. */
    public record RepeatView(int times, String bars, boolean fits, String manFree, String ladyFree) {}

    static AidsView of(Sheet sheet) {
        Chart chart = sheet.chart();
        List<CountView> counts = new ArrayList<>();
        for (CountLanguage language : CountLanguage.values()) {
            counts.add(new CountView(
                    language.toString(), said(chart, Role.MAN, language), said(chart, Role.LADY, language)));
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

    private static List<String> said(Chart chart, Role role, CountLanguage language) {
        Rhythm rhythm = chart.rhythm(role);
        return rhythm.size() == 0
                ? List.of()
                : language.say(rhythm, chart.startBeat()).orElse(List.of());
    }

    private static List<RepeatView> repeats(Chart chart) {
        List<RepeatView> views = new ArrayList<>();
        for (RepeatGroup group : chart.repeats()) {
            for (int times = group.least(); times <= Repetition.most(chart); times++) {
                Chart danced = Repetition.of(chart, times);
                Beats over = danced.length().remainder(chart.dance().phraseUnit());
                views.add(new RepeatView(
                        times, WorkView.bars(danced), over.isZero(), free(danced, Role.MAN), free(danced, Role.LADY)));
            }
        }
        return views;
    }

    private static String free(Chart danced, Role role) {
        return Repetition.freeFoot(danced, role).map(Foot::toString).orElse("");
    }
}
