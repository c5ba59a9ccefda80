package fluidframe.core.rule.time;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Lowering takes time; on a fraction of a beat the heel cannot come down and go on. */
final class HeelHasTime implements Rule {
    static final RuleId ID = new RuleId("time.heel-has-time");
    /** What it takes to lower a heel and to rise from it again. */
    private static final double LEAST_SECONDS = 0.25;

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A heel is lowered only on a row that lasts long enough for it at the tempo of the dance.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "A heel lead is no lowering.",
                "Weight replaced arrives on a foot that lies flat already.",
                "In the Latin dances a step on the beat may lower, though the next comes half a beat later: the knees give and"
                        + " the half beat is danced on the ball.",
                "The limit is a quarter of a second at the middle of the customary tempo.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Dance dance = sheet.chart().dance();
        double perBeat = 120.0 / (dance.slowestBarsPerMinute() + dance.fastestBarsPerMinute()) / dance.beatsPerBar();
        return sheet.perRow((role, row) -> {
            double seconds = row.end().minus(row.onset()).toDouble() * perBeat;
            boolean lowers = row.step()
                    .footwork()
                    .map(work -> work.beginsOnForefoot() && !work.endsOnForefoot())
                    .orElse(false);
            boolean lies = row.step().placement().kind() == Placement.Kind.REPLACE;
            boolean onTheBeat = dance.family() == Dance.Family.LATIN
                    && sheet.chart()
                            .startBeat()
                            .plus(row.onset())
                            .remainder(Beats.ONE)
                            .isZero();
            if (!lowers
                    || lies
                    || onTheBeat
                    || seconds >= LEAST_SECONDS
                    || row.step().weightTaken() != Weight.FULL) return Optional.empty();
            return Optional.of(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            String.format(
                                    Locale.ROOT,
                                    "The %s's step %d lasts %.2f seconds at the usual tempo, which is too short to lower the heel as %s asks.",
                                    role.told(),
                                    row.number(),
                                    seconds,
                                    row.step().footwork().orElseThrow()))
                    .withFix("Stay on the ball", "work", "B"));
        });
    }
}
