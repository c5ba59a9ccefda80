package fluidframe.core.motion;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.step.Amount;
import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.Bounce;
import fluidframe.core.step.ContraBody;
import fluidframe.core.step.Foot;
import fluidframe.core.step.HeadDesign;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Sway;
import java.util.Optional;

/** Hips, ribcage, head and height of one dancer. What is not charted does not move. */
final class Upper {
    private static final double RISE = 0.055;
    private static final double BODY_RISE = 0.03;
    private static final double LOWERED = -0.02;
    private static final double BOUNCE = 0.045;
    private static final double COMPRESSED = -0.04;

    private static final double SWAY_DEGREES = 8;
    private static final double CBM_SIXTEENTHS = 0.8;
    private static final double HIP_METRES = 0.055;
    private static final double HIP_DEGREES = 7;
    private static final double HIP_SIXTEENTHS = 0.7;

    /** As far as a head turns over a shoulder. */
    private static final double MOST_LOOK = 4;

    private static final double LEFT_LOOK = -1.6;
    private static final double OPENED_LOOK = 1.6;
    private static final double CHARTED_LOOK = 3;

    final Curve.Draft height = new Curve.Draft();
    final Curve.Draft twist = new Curve.Draft();
    final Curve.Draft hip = new Curve.Draft();
    final Curve.Draft tilt = new Curve.Draft();
    final Curve.Draft shoulders = new Curve.Draft();
    final Curve.Draft sway = new Curve.Draft();
    final Curve.Draft head = new Curve.Draft();
    private final Role role;
    private final Dance dance;
    private final double standing;

    Upper(Role role, Dance dance, Build build, Manner manner, double from, double faced) {
        this.role = role;
        this.dance = dance;
        this.standing = build.standing() - manner.knees();
        height.note(from, standing);
        for (Curve.Draft still : new Curve.Draft[] {twist, hip, tilt, shoulders, sway}) still.note(from, 0);
        head.note(from, faced);
    }

    void dance(Danced danced, Times times, double facing, double faced) {
        rise(danced, times);
        contraBody(danced, times);
        incline(danced, times);
        hips(danced, times);
        look(danced, times, facing, faced);
    }

    private static double after(Curve.Draft draft, double beat) {
        return Math.max(beat, draft.latest() + 0.01);
    }

    private void rise(Danced danced, Times times) {
        RiseFall rise = danced.step().rise();
        Bounce bounce = danced.step().bounce();
        if (dance.hasBounce() && bounce != Bounce.NONE) {
            double depth = bounce == Bounce.SLIGHT ? 0.5 * BOUNCE : BOUNCE;
            double length = times.end() - times.onset();
            height.note(after(height, times.onset()), standing - 0.3 * depth);
            height.note(after(height, times.onset() + 0.35 * Math.min(length, 1)), standing - depth);
            height.note(after(height, times.onset() + 0.9 * length), standing);
            return;
        }
        double up = rise.noFootRise() ? BODY_RISE : RISE;
        double during = danced.row().upDuring() ? danced.row().upBefore() ? up : 0.5 * up : 0;
        double end = danced.row().up() ? up : rise.lowers() ? LOWERED : 0;
        if (danced.step().body().phases().stream().anyMatch(p -> p.action() == BodyDesign.Action.COMPRESS)) {
            during += COMPRESSED;
        }
        height.note(after(height, times.onset()), standing + during);
        if (danced.row().upDuring()) {
            height.note(after(height, times.onset() + 0.6 * danced.length()), standing + up);
        }
        height.note(after(height, times.onset() + 0.97 * danced.length()), standing + end);
    }

    /** The side opposite to the moving foot turns towards it. */
    private void contraBody(Danced danced, Times times) {
        ContraBody cbm = danced.step().cbm();
        boolean crosses = danced.step().placement().has(Placement.Qualifier.IN_CBMP);
        double leads = danced.step().placement().has(Placement.Qualifier.LEFT_SIDE_LEADING)
                ? CBM_SIXTEENTHS
                : danced.step().placement().has(Placement.Qualifier.RIGHT_SIDE_LEADING) ? -CBM_SIXTEENTHS : 0;
        double amount = cbm == ContraBody.FULL || crosses
                ? CBM_SIXTEENTHS
                : cbm == ContraBody.SLIGHT ? 0.4 * CBM_SIXTEENTHS : 0;
        double way = danced.foot().side() * (danced.kind().isBack() ? -1 : 1);
        if (amount == 0 && leads == 0 && shoulders.last() == 0) return;
        shoulders.note(after(shoulders, times.leaves()), shoulders.last());
        shoulders.note(after(shoulders, times.lands()), amount * way + leads);
        shoulders.note(after(shoulders, times.onset() + 0.8 * danced.length()), leads);
    }

    private static double share(Optional<Amount> amount) {
        return amount.map(said -> said == Amount.A_LITTLE ? 0.35 : said == Amount.HALF ? 0.6 : 1.0)
                .orElse(1.0);
    }

    private void incline(Danced danced, Times times) {
        Sway swayed = danced.step().sway();
        double degrees = swayed.side()
                .map(side -> side.side() * SWAY_DEGREES * share(swayed.amount()))
                .orElse(0.0);
        for (BodyDesign.Phase phase : danced.step().body().phases()) {
            boolean shapes = phase.action() == BodyDesign.Action.INCLINE
                    || phase.action() == BodyDesign.Action.SHAPE
                    || phase.action() == BodyDesign.Action.STRETCH;
            if (shapes) degrees += phase.side().map(Foot::side).orElse(0) * SWAY_DEGREES * share(phase.amount());
        }
        if (degrees == sway.last()) return;
        sway.note(after(sway, times.onset() - 0.05), sway.last());
        sway.note(after(sway, times.onset() + 0.7 * danced.length()), degrees);
    }

    private void hips(Danced danced, Times times) {
        if (danced.step().hip().isNone()) {
            for (Curve.Draft moved : new Curve.Draft[] {twist, hip, tilt}) {
                if (moved.last() != 0) moved.note(after(moved, times.settled()), 0);
            }
            return;
        }
        for (BodyDesign.Phase phase : danced.step().hip().phases()) {
            double side = phase.side().map(Foot::side).orElse(0) * share(phase.amount());
            double beat = Instant.of(phase.instant(), times.onset(), times.end(), dance.beatsPerBar());
            switch (phase.action()) {
                case SETTLE -> {
                    hold(hip, beat, side * HIP_METRES);
                    hold(tilt, beat, side * HIP_DEGREES);
                }
                case LATERAL, SWING, PROJECT -> hold(hip, beat, side * HIP_METRES);
                case ROTATE, TWIST -> hold(twist, beat, side * HIP_SIXTEENTHS);
                case NEUTRAL, DIRECT -> {
                    hold(hip, beat, 0);
                    hold(tilt, beat, 0);
                    hold(twist, beat, 0);
                }
                default -> {}
            }
        }
    }

    /** Reaches a value on its beat and not before. */
    private static void hold(Curve.Draft draft, double beat, double value) {
        draft.note(after(draft, beat - 0.3), draft.last());
        draft.note(after(draft, beat + 0.15), value);
    }

    private void look(Danced danced, Times times, double facing, double faced) {
        HeadDesign design = danced.step().head();
        if (design.isNone()) {
            head.note(after(head, Math.min(times.leaves(), times.onset())), head.last());
            head.note(after(head, times.settled()), facing + usualLook(danced));
            return;
        }
        for (HeadDesign.Phase phase : design.phases()) {
            double beat = Instant.of(phase.instant(), times.onset(), times.end(), dance.beatsPerBar());
            switch (phase.way()) {
                case LEFT -> head.note(after(head, beat), facing - CHARTED_LOOK);
                case RIGHT -> head.note(after(head, beat), facing + CHARTED_LOOK);
                case AHEAD -> head.note(after(head, beat), facing);
                case SPOT -> spot(danced, phase.spot().orElseThrow(), times, facing, faced);
                default ->
                    head.note(after(head, beat), facing + toPartner(danced.row().position()));
            }
        }
    }

    /** The eyes stay on the spot until the body has turned halfway, and are back on it before the body is. */
    private void spot(Danced danced, Direction spot, Times times, double facing, double faced) {
        double there = spot.sixteenths() + danced.rotation();
        double before = faced + DancerMaker.wrapped(there - faced);
        double after = facing + DancerMaker.wrapped(there - facing);
        double[] when = times.turning(danced);
        double middle = (when[0] + when[1]) / 2;
        double quarter = (when[1] - when[0]) / 6;
        head.note(after(head, when[0]), before);
        head.note(after(head, middle - quarter), before);
        head.note(after(head, middle + quarter), after);
    }

    private double usualLook(Danced danced) {
        CouplePosition position = danced.row().position();
        boolean man = role == Role.MAN;
        if (danced.row().hold().isClosed()) {
            if (position == CouplePosition.COUNTER_PROMENADE) return man ? OPENED_LOOK : LEFT_LOOK;
            return man || !position.isPromenade() ? LEFT_LOOK : OPENED_LOOK;
        }
        return position.isFree() ? 0 : toPartner(position);
    }

    /** Where the partner is by the couple position, in sixteenths from where the body faces. */
    private double toPartner(CouplePosition position) {
        if (position.isFree()) return 0;
        double his = Math.atan2(position.right(), position.ahead()) * 8 / Math.PI;
        double look = role == Role.MAN ? his : his + 8 - (position.from() + position.to()) / 2.0;
        return Math.max(-MOST_LOOK, Math.min(MOST_LOOK, DancerMaker.wrapped(look)));
    }
}
