package fluidframe.core.motion;

import fluidframe.core.couple.Role;
import fluidframe.core.floor.Point;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Whether a motion can be danced by bodies, measured at every so many beats. All in metres but the jumps.
 *
 * @param slide how far the point on which a foot stands with all the weight moves
 * @param leg by how much a leg is longer than it can be
 * @param balance how far the hips are outside the foot that carries everything and is not being left
 * @param overlap how far the bodies are within each other
 * @param reach by how much joined hands are farther apart than two arms
 * @param jumps how often anything is somewhere else from one moment to the next
 */
public record Sanity(Worst slide, Worst leg, Worst balance, Worst overlap, Worst reach, int jumps) {
    /** The worst that was found, when, and whose it was. */
    public record Worst(double metres, double beat, String whose) {
        static final Worst NONE = new Worst(0, 0, "");

        Worst or(double other, double otherBeat, String otherWhose) {
            return other > metres ? new Worst(other, otherBeat, otherWhose) : this;
        }

        /** The worse of two. */
        public Worst or(Worst other) {
            return other.metres > metres ? other : this;
        }

        @Override
        public String toString() {
            return metres <= 0 ? "none" : String.format(Locale.ROOT, "%.3f m (%s, beat %.2f)", metres, whose, beat);
        }
    }

    /** Slides below this are the thickness of a sole. */
    public static final double MOST_SLIDE = 0.01;
    /** Joints are not points. */
    public static final double MOST_LEG = 0.015;

    public static final double MOST_BALANCE = 0.12;
    /** Bodies are not quite round, and give. */
    public static final double MOST_OVERLAP = 0.05;

    public static final double MOST_REACH = 0.02;

    private static final double GRID = 1 / 32.0;
    private static final double UNDER_WAY = 0.15;
    private static final double ALL_WEIGHT = 0.985;
    private static final double HALF_SHOE_WIDTH = 0.045;
    /** A body front to back, so that two facing each other touch at twice the half of it. */
    private static final double DEPTH = 0.11;
    /** Smaller changes are not seen. */
    private static final double SEEN_METRES = 0.02;

    private static final double SEEN_SIXTEENTHS = 0.25;
    private static final int PARTS = 8;
    private static final double MOST_IN_A_PART = 0.7;

    public static Sanity of(Motion motion) {
        Worst slide = Worst.NONE;
        Worst leg = Worst.NONE;
        Worst balance = Worst.NONE;
        int jumps = 0;
        for (Role role : Role.values()) {
            if (motion.of(role).isEmpty()) continue;
            Track track = motion.of(role).orElseThrow();
            String whose = role.toString();
            for (double beat = motion.from(); beat < motion.end(); beat += GRID) {
                for (Foot foot : Foot.values()) {
                    leg = leg.or(tooLong(track, foot, beat), beat, whose + " " + foot);
                    if (carries(track, foot, beat) && carries(track, foot, beat + GRID)) {
                        slide = slide.or(slide(track, foot, beat), beat, whose + " " + foot);
                        if (!isLeft(track, foot, beat)) {
                            balance = balance.or(outside(track, foot, beat), beat, whose + " " + foot);
                        }
                    }
                }
                jumps += jumps(track, beat);
            }
        }
        return new Sanity(slide, leg, balance, overlap(motion), reach(motion), jumps);
    }

    /** Whether everything is as good as it has to be. */
    public boolean isSound() {
        return troubles().isEmpty();
    }

    /** What is not, in words. */
    public List<String> troubles() {
        List<String> troubles = new ArrayList<>();
        if (slide.metres() > MOST_SLIDE) troubles.add("slides " + slide);
        if (leg.metres() > MOST_LEG) troubles.add("leg too long by " + leg);
        if (balance.metres() > MOST_BALANCE) troubles.add("out of balance by " + balance);
        if (overlap.metres() > MOST_OVERLAP) troubles.add("bodies overlap by " + overlap);
        if (reach.metres() > MOST_REACH) troubles.add("hands out of reach by " + reach);
        if (jumps > 0) troubles.add("jumps " + jumps + " times");
        return troubles;
    }

    private static boolean carries(Track track, Foot foot, double beat) {
        return track.weight(foot, beat) >= ALL_WEIGHT
                && track.foot(foot).at(beat).isDown();
    }

    /** Whether the other foot is under way to where the body follows. */
    private static boolean isLeft(Track track, Foot foot, double beat) {
        FootTrack.Foot before = track.foot(foot.other()).at(beat - UNDER_WAY);
        FootTrack.Foot after = track.foot(foot.other()).at(beat + UNDER_WAY);
        return Math.hypot(before.x() - after.x(), before.y() - after.y()) > 0.004;
    }

    /** A foot stands on its ball if that is down, else on its heel; one that turns may do it on either. */
    private static double slide(Track track, Foot foot, double beat) {
        FootTrack.Foot now = track.foot(foot).at(beat);
        FootTrack.Foot then = track.foot(foot).at(beat + GRID);
        double least = Double.MAX_VALUE;
        for (double share : new double[] {FootTrack.BALL, FootTrack.HEEL}) {
            boolean down = share == FootTrack.BALL ? now.ball() < 0.01 : now.heel() < 0.01;
            if (down)
                least = Math.min(
                        least,
                        now.sole(share, track.build())
                                .minus(then.sole(share, track.build()))
                                .length());
        }
        return least == Double.MAX_VALUE ? 0 : least;
    }

    private static double tooLong(Track track, Foot foot, double beat) {
        FootTrack.Foot placed = track.foot(foot).at(beat);
        double across =
                track.hipJoint(foot, beat).minus(placed.ankle(track.build())).length();
        double up = track.hipHeight(foot, beat) - placed.ankleHeight(track.build());
        return Math.hypot(across, up) - track.build().leg();
    }

    private static double outside(Track track, Foot foot, double beat) {
        FootTrack.Foot placed = track.foot(foot).at(beat);
        Point away = track.hips(beat).minus(new Point(placed.x(), placed.y())).turned(-placed.direction());
        double along = Math.max(0, Math.abs(away.x()) - 0.5 * track.build().shoe());
        double across = Math.max(0, Math.abs(away.y()) - HALF_SHOE_WIDTH);
        return Math.hypot(along, across);
    }

    private static Worst overlap(Motion motion) {
        Worst worst = Worst.NONE;
        if (motion.tracks().size() < 2) return worst;
        Track man = motion.of(Role.MAN).orElseThrow();
        Track lady = motion.of(Role.LADY).orElseThrow();
        for (double beat = motion.from(); beat < motion.end(); beat += GRID) {
            worst = worst.or(2 * DEPTH - man.hips(beat).minus(lady.hips(beat)).length(), beat, "both");
        }
        return worst;
    }

    private static Worst reach(Motion motion) {
        Worst worst = Worst.NONE;
        if (motion.tracks().size() < 2) return worst;
        Track man = motion.of(Role.MAN).orElseThrow();
        Track lady = motion.of(Role.LADY).orElseThrow();
        for (double beat = motion.from(); beat < motion.end(); beat += GRID) {
            Hands his = man.hands(beat);
            worst = worst.or(tooFar(man, lady, Foot.LEFT, his.left(), beat), beat, "man L");
            worst = worst.or(tooFar(man, lady, Foot.RIGHT, his.right(), beat), beat, "man R");
        }
        return worst;
    }

    private static double tooFar(Track man, Track lady, Foot his, Hands.Grip grip, double beat) {
        if (!grip.isHand()) return 0;
        Foot hers = grip == Hands.Grip.LEFT_HAND ? Foot.LEFT : Foot.RIGHT;
        Point away = man.shoulder(his, beat).minus(lady.shoulder(hers, beat));
        return away.length() - man.build().arm() - lady.build().arm();
    }

    /** A jump is what remains as far however short the moment. */
    private static int jumps(Track track, double beat) {
        int jumps = 0;
        for (Curve curve : places(track)) if (jumps(curve, beat, SEEN_METRES)) jumps++;
        for (Curve curve : directions(track)) if (jumps(curve, beat, SEEN_SIXTEENTHS)) jumps++;
        return jumps;
    }

    private static boolean jumps(Curve curve, double beat, double seen) {
        double whole = Math.abs(curve.at(beat + GRID) - curve.at(beat));
        if (whole < seen) return false;
        for (int i = 0; i < PARTS; i++) {
            double part = curve.at(beat + (i + 1) * GRID / PARTS) - curve.at(beat + i * GRID / PARTS);
            if (Math.abs(part) > MOST_IN_A_PART * whole) return true;
        }
        return false;
    }

    private static List<Curve> places(Track track) {
        List<Curve> curves = new ArrayList<>(List.of(track.x(), track.y(), track.height(), track.hip()));
        for (Foot foot : Foot.values()) {
            FootTrack placed = track.foot(foot);
            curves.addAll(List.of(placed.x(), placed.y(), placed.heel(), placed.ball()));
        }
        return curves;
    }

    private static List<Curve> directions(Track track) {
        return List.of(
                track.body(),
                track.twist(),
                track.shoulders(),
                track.head(),
                track.left().direction(),
                track.right().direction());
    }
}
