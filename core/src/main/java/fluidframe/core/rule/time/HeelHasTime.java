package fluidframe.core.rule.time;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
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
                "The first step of a Latin chasse or lock is on the beat and may lower, though the next comes half a beat"
                        + " later; the step between the beats is danced on the ball.",
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
            boolean chasse = dance.family() == Dance.Family.LATIN && beginsChasse(sheet, role, row);
            if (!lowers
                    || lies
                    || chasse
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

    /** On a beat, with half a beat and a whole one after it, and no check: 4 and 1, or 2 and 3. */
    private static boolean beginsChasse(Sheet sheet, Role role, LedgerRow row) {
        List<LedgerRow> rows = sheet.ledger().of(role).rows();
        if (row.number() + 2 > rows.size()) return false;
        LedgerRow between = rows.get(row.number());
        LedgerRow last = rows.get(row.number() + 1);
        return sheet.chart().startBeat().plus(row.onset()).remainder(Beats.ONE).isZero()
                && between.end().minus(between.onset()).compareTo(Beats.ONE) < 0
                && last.end().minus(last.onset()).compareTo(Beats.ONE) >= 0
                && last.onset().minus(row.onset()).equals(Beats.ONE)
                && !row.step().placement().qualifiers().contains(Placement.Qualifier.CHECKED);
    }
}
