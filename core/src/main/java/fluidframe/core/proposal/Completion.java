package fluidframe.core.proposal;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.TurnText;
import java.util.ArrayList;
import java.util.List;

/** Cells that follow from other cells: an alignment from the turns up to it, a turn from the alignments around it. */
public final class Completion {
    /**
     * One cell that could be filled.
     *
     * @param role whose row
     * @param step the row, from 1
     * @param column which cell
     * @param text what it would say
     * @param because why, in one sentence
     */
    public record Cell(Role role, int step, Column column, String text, String because) {}

    private Completion() {}

    /** Every cell that can be worked out, the man's first. A cell that says something is never touched. */
    public static List<Cell> of(Chart chart) {
        List<Cell> cells = new ArrayList<>();
        for (Role role : Role.values()) complete(role, chart.steps(role), cells);
        return cells;
    }

    private static void complete(Role role, List<Step> steps, List<Cell> cells) {
        Direction known = null;
        int turnedSince = 0;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            turnedSince += step.turn().footSixteenths();
            if (step.alignment().isPresent()) {
                Direction laid = step.alignment().get().footDirection();
                boolean gap = i > 0 && steps.get(i - 1).alignment().isEmpty();
                if (known != null && step.turn().isNone() && !gap && !laid.equals(known)) {
                    int turn = laid.turnFrom(known);
                    cells.add(new Cell(
                            role,
                            i + 1,
                            Column.TURN,
                            TurnText.amount(turn),
                            "From the step before to " + step.alignment().get() + " is " + TurnText.amount(turn)
                                    + " by the shorter way."));
                }
                known = laid;
                turnedSince = 0;
            } else if (known != null) {
                Alignment.Kind kind = kindFor(step, steps.get(Math.max(i - 1, 0)));
                Alignment laid = Alignment.of(kind, known).withFootDirection(known.plus(turnedSince));
                cells.add(new Cell(
                        role,
                        i + 1,
                        Column.ALIGN,
                        laid.toString(),
                        turnedSince == 0
                                ? "Nothing has turned since the last alignment charted."
                                : TurnText.amount(turnedSince) + " has been turned since the last alignment charted."));
            }
        }
    }

    private static Alignment.Kind kindFor(Step step, Step before) {
        if (step.placement().kind().isForward()) return Alignment.Kind.FACING;
        if (step.placement().kind().isBack()) return Alignment.Kind.BACKING;
        return before.alignment()
                .map(Alignment::kind)
                .filter(kind -> kind == Alignment.Kind.BACKING)
                .orElse(Alignment.Kind.FACING);
    }
}
