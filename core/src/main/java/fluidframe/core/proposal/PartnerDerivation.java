package fluidframe.core.proposal;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The partner's rows as they follow from one role: the natural opposite, row by row, with the outside and the inside of
 * the turn, heel turns, outside partner and promenade. It knows what usually follows, not what this figure does; underarm
 * turns, extra steps and other rhythms are the coach's to chart.
 */
public final class PartnerDerivation {
    /**
     * One proposed row.
     *
     * @param row the row
     * @param because how it follows from the other role's row
     * @param sure whether nothing but the usual opposite was assumed
     */
    public record Proposed(Step row, String because, boolean sure) {}

    /** A foot that closes on the heel while the partner passes turns at least so much. */
    private static final int LEAST_HEEL_TURN = 4;

    private final Chart chart;
    private final Role given;
    private final List<LedgerRow> rows;
    private final List<Proposed> proposed = new ArrayList<>();
    private Direction foot;
    private boolean behind;

    private PartnerDerivation(Chart chart, Role given) {
        this.chart = chart;
        this.given = given;
        Chart alone = given == Role.MAN ? chart.bare(chart.man(), List.of()) : chart.bare(List.of(), chart.lady());
        this.rows = Ledger.of(alone).of(given).rows();
    }

    /** The rows of the partner of {@code given}, one for each of its rows; refuses a role without rows. */
    public static List<Proposed> of(Chart chart, Role given) {
        if (chart.steps(given).isEmpty()) {
            throw new IllegalArgumentException("The " + given + " must have rows to derive the partner's from");
        }
        PartnerDerivation derivation = new PartnerDerivation(chart, given);
        derivation.derive();
        return List.copyOf(derivation.proposed);
    }

    private void derive() {
        foot = opposite(rows.get(0).bodyBefore(), chart.start().position());
        for (int i = 0; i < rows.size(); i++) proposed.add(row(i));
    }

    private Proposed row(int i) {
        LedgerRow from = rows.get(i);
        Step step = from.step();
        CouplePosition position = from.position();
        List<String> because = new ArrayList<>();
        Placement placement = placement(step.placement(), position);
        Direction body = opposite(from.body(), position);
        boolean insideLead = insideLead(i, position);
        boolean heelTurn = insideLead && closesOnHeel(i);
        int ahead = insideLead ? rows.get(i + 1).step().turn().sixteenths() : 0;
        Direction laid = body.plus(ahead);
        int turned = nearest(laid.clockwiseFrom(foot), step.turn().footSixteenths() + ahead);
        Turn turn = turn(step.turn(), turned, ahead, heelTurn);
        if (heelTurn) placement = Placement.of(Placement.Kind.CLOSE);
        because.add(
                position.isFacing()
                        ? "the opposite of " + step.spoken()
                        : "beside " + step.spoken() + " in " + position);
        if (heelTurn) because.add("a heel turn, since the partner passes");
        else if (ahead != 0)
            because.add("on the inside of the turn the foot points ahead by " + TurnText.fraction(Math.abs(ahead)));
        else if (behind) because.add("the body completes");
        StepDraft draft = step.draft()
                .foot(step.foot().other())
                .placement(placement)
                .turn(turn)
                .alignment(alignment(i, placement, laid, ahead != 0 && !heelTurn, position))
                .sway(step.sway().mirrored())
                .hip(step.hip().mirrored())
                .body(step.body().mirrored())
                .doubtful(false);
        PartnerFootwork.put(draft, step, placement, heelTurn, chart.dance());
        draft.set(Column.POSITION, "");
        draft.set(Column.HOLD, "");
        draft.set(Column.LEAD, "");
        draft.set(Column.NOTE, "");
        draft.set(Column.DETAIL, "");
        foot = laid;
        behind = ahead != 0;
        boolean sure = !heelTurn && position.isFacing() && position != CouplePosition.OPEN_FACING;
        return new Proposed(draft.step(), String.join("; ", because), sure);
    }

    /** Where the partner's body faces when this one's faces {@code body}. */
    private Direction opposite(Direction body, CouplePosition position) {
        int relation = position.isFacing() ? 8 : position.from();
        return body.plus(given == Role.MAN ? relation : -relation);
    }

    /** The one who went back on the step before leads with the foot where the turn goes on over the next step. */
    private boolean insideLead(int i, CouplePosition position) {
        if (i == 0
                || i + 1 >= rows.size()
                || !position.isFacing()
                || chart.dance().family() == Dance.Family.LATIN) return false;
        int now = rows.get(i).step().turn().sixteenths();
        int next = rows.get(i + 1).step().turn().sixteenths();
        boolean goesOn = now != 0 && Integer.signum(now) == Integer.signum(next) && Math.abs(next) <= 4;
        boolean wentBack = proposed.get(i - 1).row().placement().kind().isBack();
        return goesOn && wentBack && rows.get(i).step().turn().bodyLess() == 0;
    }

    private boolean closesOnHeel(int i) {
        int turned = rows.get(i).step().turn().sixteenths()
                + rows.get(i + 1).step().turn().sixteenths();
        boolean passes = rows.get(i + 1).step().placement().kind().travels();
        boolean side = rows.get(i).step().placement().kind() == Placement.Kind.SIDE;
        return chart.dance().isSwing() && passes && side && Math.abs(turned) >= LEAST_HEEL_TURN;
    }

    private Turn turn(Turn from, int turned, int ahead, boolean heelTurn) {
        Turn.Kind kind = heelTurn ? Turn.Kind.HEEL_TURN : from.kind();
        int less = Math.abs(ahead);
        if (turned == 0) return new Turn(0, Turn.Kind.BETWEEN_FEET, from.begins(), 0, behind);
        return new Turn(turned, kind, from.begins(), less, false);
    }

    private static int nearest(int clockwise, int like) {
        int best = clockwise;
        for (int candidate = clockwise - 32; candidate <= clockwise + 32; candidate += 16) {
            if (Math.abs(candidate - like) < Math.abs(best - like)) best = candidate;
        }
        return best;
    }

    private static Placement placement(Placement from, CouplePosition position) {
        Placement mirrored = from.mirrored();
        Placement.Kind kind = position.isFacing() ? PartnerFootwork.opposite(from.kind()) : from.kind();
        Placement placement = mirrored.with(kind);
        if (from.has(Placement.Qualifier.OUTSIDE_PARTNER)) {
            return placement.replacing(Placement.Qualifier.OUTSIDE_PARTNER, Placement.Qualifier.PARTNER_OUTSIDE);
        }
        if (from.has(Placement.Qualifier.PARTNER_OUTSIDE)) {
            return placement.replacing(Placement.Qualifier.PARTNER_OUTSIDE, Placement.Qualifier.OUTSIDE_PARTNER);
        }
        return placement;
    }

    private Optional<Alignment> alignment(
            int i, Placement placement, Direction laid, boolean leads, CouplePosition position) {
        Step step = rows.get(i).step();
        if (step.alignment().isEmpty()) return Optional.empty();
        Alignment.Kind theirs = step.alignment().get().kind();
        Alignment.Kind kind;
        if (leads) kind = Alignment.Kind.POINTING;
        else if (!position.isFacing() || placement.kind().isForward()) kind = Alignment.Kind.FACING;
        else if (placement.kind().isBack())
            kind = chart.dance().family() == Dance.Family.LATIN ? Alignment.Kind.FACING : Alignment.Kind.BACKING;
        else if (theirs == Alignment.Kind.POINTING)
            kind = endsFacing(i) ? Alignment.Kind.BACKING : Alignment.Kind.FACING;
        else
            kind = theirs == Alignment.Kind.BACKING || chart.dance().family() == Dance.Family.LATIN
                    ? Alignment.Kind.FACING
                    : Alignment.Kind.BACKING;
        return Optional.of(new Alignment(kind, laid, step.alignment().get().moving()).withFootDirection(laid));
    }

    private boolean endsFacing(int i) {
        return i + 1 >= rows.size()
                || rows.get(i + 1)
                        .step()
                        .alignment()
                        .map(a -> a.kind() != Alignment.Kind.BACKING)
                        .orElse(true);
    }
}
