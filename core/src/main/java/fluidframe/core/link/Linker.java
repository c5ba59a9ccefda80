package fluidframe.core.link;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Decides links from the computed states alone; what is customary is another opinion, kept apart. Alignment is judged
 * after everything else, since it is the one thing that a corner or a little more turn can mend.
 */
public final class Linker {
    private Linker() {}

    /** Whether {@code next} may follow {@code before}, both danced as charted. */
    public static Link link(Danceable before, Danceable next) {
        return link(Arrival.after(before), next);
    }

    /** Whether {@code next} may follow from this state. */
    public static Link link(Arrival arrival, Danceable next) {
        List<Condition> conditions = conditions(arrival, next);
        boolean hard = conditions.stream().allMatch(Condition::holds);
        Ending ending = hard ? Ending.AS_CHARTED : Nearness.ending(arrival, next.chart());
        Condition aligned = alignment(arrival, next);
        conditions.add(aligned);
        Link.Verdict verdict;
        List<Adjustment> adjustments = List.of();
        if (hard && aligned.holds()) {
            verdict = Link.Verdict.YES;
        } else {
            boolean mendable = hard
                    || ending != Ending.AS_CHARTED
                            && conditions(arrival.ended(ending), next).stream().allMatch(Condition::holds);
            if (mendable) adjustments = adjustments(arrival.ended(ending), next, ending);
            verdict = adjustments.isEmpty() ? Link.Verdict.NO : Link.Verdict.YES_IF;
        }
        return new Link(verdict, conditions, adjustments, rotation(arrival, next));
    }

    /**
     * Whether {@code next} may follow as it stands wherever in the room the couple is turned: what practice asks that does not
     * go round the floor.
     *
     * @return by how many sixteenths it is then turned from its chart, 0 to 15; empty if something else is in the way
     */
    public static OptionalInt turnedTo(Arrival arrival, Danceable next) {
        boolean follows = mayFollow(arrival, next)
                && conditions(arrival, next).stream().allMatch(Condition::holds)
                && partnerFits(arrival, next);
        return follows ? OptionalInt.of(rotation(arrival, next)) : OptionalInt.empty();
    }

    /** Everything but the alignment. */
    private static List<Condition> conditions(Arrival arrival, Danceable next) {
        List<Condition> conditions = new ArrayList<>();
        if (arrival.dancers().size() == 1 || next.isSolo()) conditions.add(dancers(arrival, next));
        for (Role role : Role.values()) {
            if (!next.chart().steps(role).isEmpty()) conditions.add(foot(arrival, next, role));
        }
        if (!next.isSolo()) {
            conditions.add(position(arrival, next));
            conditions.add(hold(arrival, next.chart()));
            conditions.add(outside(arrival, next));
        }
        conditions.add(beat(arrival.nextBeat(), next.chart()));
        conditions.add(travel(arrival, next));
        return conditions;
    }

    /** After a free element only the music can be judged: whether the figure may begin on this beat of the bar. */
    public static Link freely(Beats nextBeat, Danceable next) {
        Condition onTheBeat = beat(nextBeat, next.chart());
        Link.Verdict verdict = onTheBeat.holds() ? Link.Verdict.YES : Link.Verdict.NO;
        return new Link(verdict, List.of(onTheBeat), List.of(), 0);
    }

    /** Whether feet, position and hold fit at all; without that no adjustment helps, and most pairs end here. */
    static boolean mayFollow(Arrival arrival, Danceable next) {
        if (!arrival.dancers().equals(EnumSet.of(next.leader(), next.follower()))) return false;
        for (Role role : Role.values()) {
            List<Step> steps = next.chart().steps(role);
            if (!steps.isEmpty() && steps.get(0).foot() != arrival.free(role)) return false;
        }
        if (next.isSolo()) return true;
        Arrival ended = arrival.ended(Nearness.ending(arrival, next.chart()));
        return position(ended, next).holds() && hold(ended, next.chart()).holds();
    }

    private static Condition dancers(Arrival arrival, Danceable next) {
        Set<Role> wanted = EnumSet.of(next.leader(), next.follower());
        String left = named(arrival.dancers());
        return new Condition(
                Condition.Kind.DANCERS,
                arrival.dancers().equals(wanted),
                left,
                named(wanted),
                "The figure before is danced by " + left + " and this one by " + named(wanted) + ".");
    }

    private static String named(Set<Role> dancers) {
        return dancers.size() == 2
                ? "both partners"
                : "one dancer, the " + dancers.iterator().next().told();
    }

    private static Condition foot(Arrival arrival, Danceable next, Role role) {
        Foot free = arrival.free(role);
        List<Step> steps = next.chart().steps(role);
        Foot first = steps.isEmpty() ? free : steps.get(0).foot();
        return new Condition(
                role == Role.MAN ? Condition.Kind.MAN_FOOT : Condition.Kind.LADY_FOOT,
                free == first,
                free.spoken() + " free",
                "begins " + first.spoken(),
                "The " + role.told() + "'s " + free.spoken() + " is free and the figure begins with the "
                        + first.spoken() + ".");
    }

    private static Condition position(Arrival arrival, Danceable danced) {
        Chart next = danced.chart();
        CouplePosition left = arrival.position();
        CouplePosition wanted = next.start().position();
        boolean opens = left != wanted && Nearness.reaches(arrival, next);
        // Outside belongs to the step and not to the couple: the next figure takes her in line, or outside once more.
        boolean steppedAside = wanted == CouplePosition.CLOSED
                && left.isAside()
                && (next.dance().family() == Dance.Family.LATIN
                        || next.start().outsideAllowed() && onThatSide(left, danced));
        return new Condition(
                Condition.Kind.POSITION,
                left == wanted || opens || steppedAside,
                left.toString(),
                wanted.toString(),
                "The couple is left in " + left + " position and the figure begins in " + wanted + " position"
                        + (opens ? ", which the last step before it can reach." : tooFar(arrival, next)));
    }

    /** Whether the first step goes past the partner on the side where she stands. */
    private static boolean onThatSide(CouplePosition left, Danceable next) {
        return left == CouplePosition.OUTSIDE_RIGHT ? next.beginsOutsideRight() : next.beginsOutsideLeft();
    }

    /** Says by how much, where both face and only the distance is in the way. */
    private static String tooFar(Arrival arrival, Chart next) {
        CouplePosition wanted = next.start().position();
        if (next.dance().family() != Dance.Family.LATIN
                || arrival.position() == wanted
                || !arrival.position().isFaceToFace()
                || !wanted.isFaceToFace()) return ".";
        return String.format(
                Locale.ROOT,
                ": they stand %.2f m apart and would have to be %.2f m.",
                arrival.position().distance(arrival.hold()),
                wanted.distance(next.start().hold()));
    }

    private static Condition hold(Arrival arrival, Chart next) {
        Hold left = arrival.hold();
        Hold wanted = next.start().hold();
        boolean changes = left != wanted && Nearness.reaches(arrival, next);
        return new Condition(
                Condition.Kind.HOLD,
                left == wanted || changes,
                left.toString(),
                wanted.toString(),
                "The hold is left " + left + " and the figure begins with " + wanted
                        + (changes ? ": facing each other, that is changed on the way." : "."));
    }

    private static Condition outside(Arrival arrival, Danceable danced) {
        Chart next = danced.chart();
        boolean outside = arrival.finish().nextOutside();
        boolean allowed = next.start().outsideAllowed() && danced.beginsOutsideRight();
        return new Condition(
                Condition.Kind.OUTSIDE,
                !outside || allowed,
                outside ? "next step outside partner" : "partner in line",
                allowed ? "in line or outside" : "in line",
                outside
                        ? "The next step would be taken outside partner"
                                + (allowed ? ", and the figure may begin so." : ", and the figure begins in line.")
                        : "The partner is in line.");
    }

    private static Condition beat(Beats nextBeat, Chart next) {
        Count first =
                next.steps(next.man().isEmpty() ? Role.LADY : Role.MAN).get(0).count();
        boolean numbered = first.kind() == Count.Kind.BEAT;
        boolean holds = numbered
                ? Beats.of(first.beat() - 1).equals(nextBeat)
                : next.dance().mayStartAt(nextBeat);
        String left = "beat " + nextBeat.plus(Beats.ONE);
        String begins = "beat "
                + (numbered
                        ? Integer.toString(first.beat())
                        : next.dance().startBeats().stream()
                                .map(String::valueOf)
                                .collect(Collectors.joining(" or ")));
        return new Condition(
                Condition.Kind.BEAT,
                holds,
                left,
                begins,
                "The music is on " + left + " and the figure begins on " + begins + ".");
    }

    private static Condition travel(Arrival arrival, Danceable next) {
        double first = Travel.of(next.firstTravel()).sixteenths() + rotation(arrival, next);
        // A Latin step goes aside and back as a matter of course; only a couple that swings on cannot turn about.
        boolean swings = next.chart().dance().family() != Dance.Family.LATIN;
        boolean checked = next.chart().start().fromCheck() && arrival.outside();
        boolean reverses = swings && !checked && Travel.reverses(arrival.travel(), first);
        return new Condition(
                Condition.Kind.TRAVEL,
                !reverses,
                named(arrival.travel()),
                named(first),
                reverses
                        ? "The couple is travelling " + named(arrival.travel()) + " and the first step would go "
                                + named(first) + ", back the way it came, without a checked step between."
                        : checked
                                ? "The step before is checked, as the figure asks."
                                : "The direction of travel can go on.");
    }

    private static String named(double travel) {
        return Double.isNaN(travel) ? "on the spot" : "to " + Direction.of(Math.toIntExact(Math.round(travel / 2) * 2));
    }

    /** By how much the next figure would have to be turned for the man's feet to go on as they are. */
    private static int rotation(Arrival arrival, Danceable next) {
        return arrival.man().clockwiseFrom(next.ledger().of(next.leader()).start());
    }

    private static Condition alignment(Arrival arrival, Danceable next) {
        Set<Integer> rotations = next.entryRotations();
        Alignment first = firstAlignment(next);
        boolean anywhere = !next.chart().dance().isMoving();
        String wanted = anywhere
                ? "on any alignment"
                : rotations.stream()
                        .map(r -> first.rotated(r).toString())
                        .distinct()
                        .collect(Collectors.joining(" or "));
        String left = first.withFootDirection(arrival.man()).toString();
        boolean fits = fits(arrival, next);
        boolean manFits = rotations.contains(rotation(arrival, next));
        String reason = manFits && !fits
                ? "The {man} is " + left + " as the figure asks, but the {lady}'s feet point to " + arrival.lady()
                        + " instead of " + next.ledger().of(Role.LADY).start().plus(rotation(arrival, next)) + "."
                : "The {man} is left " + left + " and the figure begins " + wanted + ".";
        return new Condition(Condition.Kind.ALIGNMENT, fits, left, wanted, reason);
    }

    private static Alignment firstAlignment(Danceable next) {
        Direction start = next.ledger().of(next.leader()).start();
        return next.chart().steps(next.leader()).stream()
                .findFirst()
                .flatMap(Step::alignment)
                .map(a -> new Alignment(a.kind(), a.direction(), java.util.Optional.empty()).withFootDirection(start))
                .orElse(Alignment.of(Alignment.Kind.FACING, start));
    }

    private static boolean fits(Arrival arrival, Danceable next) {
        return next.entryRotations().contains(rotation(arrival, next)) && partnerFits(arrival, next);
    }

    /** Whether the lady stands to the man as the figure asks, wherever in the room they are turned. */
    private static boolean partnerFits(Arrival arrival, Danceable next) {
        int rotation = rotation(arrival, next);
        Ledger ledger = next.ledger();
        CouplePosition wanted = next.chart().start().position();
        // A promenade and the open positions have several widths, all of which lead into the same figure.
        boolean width = arrival.position().isPromenade() && wanted.isPromenade()
                || !wanted.isFacing() && wanted.misfit(arrival.man(), arrival.lady()) == 0;
        return width
                || next.isSolo()
                || ledger.of(Role.LADY).start().plus(rotation).equals(arrival.lady());
    }

    private static List<Adjustment> adjustments(Arrival arrival, Danceable next, Ending ending) {
        List<Adjustment> found = new ArrayList<>();
        boolean[] corners = next.chart().dance().isMoving() ? new boolean[] {false, true} : new boolean[] {false};
        int less = arrival.turnSide() == 0 ? 0 : arrival.finish().lessSixteenths();
        int more = arrival.turnSide() == 0 ? 0 : arrival.finish().moreSixteenths();
        for (int turn = -less; turn <= more; turn++) {
            if (turn % 2 != 0) continue;
            for (boolean corner : corners) {
                Arrival adjusted = arrival.withMoreTurn(turn);
                if (corner) adjusted = adjusted.afterCorner();
                if (fits(adjusted, next) && travel(adjusted, next).holds()) {
                    found.add(new Adjustment(corner, turn, ending));
                }
            }
        }
        found.sort(Comparator.comparingInt(Adjustment::cost));
        return found;
    }
}
