package fluidframe.core.rule.safety;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The usual cautions for what a chart contains. Proposals in plain words, not medical advice: the organiser's rules and a
 * licensed professional come first, and pain is always a signal to stop.
 */
public final class Cautions {
    /** A half turn or more on one loaded foot. */
    private static final int MUCH_ON_ONE_FOOT = 8;

    private static final Pattern DROPS = Pattern.compile("\\b(drop|dip|lift)\\b");
    private static final Pattern LINES = Pattern.compile("\\b(lunge|oversway|contra check|picture line|deep line)\\b");
    private static final String END = " Pain is a signal to stop.";

    /**
     * A caution and why it is proposed.
     *
     * @param role whose step
     * @param step the step, from 1
     * @param what what the step is, in a few words
     * @param text the caution
     */
    public record Proposal(Role role, int step, String what, String text) {}

    /** What kind of danger a step has. */
    public enum Danger {
        DROP,
        LINE,
        SPIN,
        PIVOT,
        SWIVEL,
        HEEL_TURN
    }

    private Cautions() {}

    /** One for every step of a role that has any. */
    public static List<Danger> dangers(Chart chart, Role role) {
        return chart.steps(role).stream()
                .map(Cautions::danger)
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Danger> danger(Step step) {
        boolean much = Math.abs(step.turn().sixteenths()) >= MUCH_ON_ONE_FOOT;
        String note = (step.note() + " " + step.lead()).toLowerCase(Locale.ROOT);
        if (DROPS.matcher(note).find()) return Optional.of(Danger.DROP);
        if (LINES.matcher(note).find()) return Optional.of(Danger.LINE);
        return switch (step.turn().kind()) {
            case SPIN, SPIRAL -> Optional.of(Danger.SPIN);
            case PIVOT, TOE_PIVOT -> much ? Optional.of(Danger.PIVOT) : Optional.empty();
            case SWIVEL, TWIST -> much ? Optional.of(Danger.SWIVEL) : Optional.empty();
            case HEEL_TURN -> much ? Optional.of(Danger.HEEL_TURN) : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** One proposal for each kind of danger, at the step where it first comes. */
    public static List<Proposal> proposedFor(Chart chart) {
        List<Proposal> proposals = new ArrayList<>();
        for (Role role : Role.values()) {
            List<Step> steps = chart.steps(role);
            for (int i = 0; i < steps.size(); i++) {
                Proposal proposal = of(role, i + 1, steps.get(i));
                if (proposal != null
                        && proposals.stream().noneMatch(p -> p.text().equals(proposal.text()))) {
                    proposals.add(proposal);
                }
            }
        }
        return proposals;
    }

    private static Proposal of(Role role, int number, Step step) {
        Optional<Danger> danger = danger(step);
        if (danger.isEmpty()) return null;
        Turn.Kind kind = step.turn().kind();
        return switch (danger.get()) {
            case DROP ->
                new Proposal(
                        role,
                        number,
                        "a drop, dip or lift",
                        "Drops, dips and lifts are barred in most events: learn them from a qualified teacher in the room, with a"
                                + " mat and a spotter." + END);
            case LINE ->
                new Proposal(
                        role,
                        number,
                        "a line",
                        "A line loads one bent leg and the back: warm up, keep the knee over the foot and the back long."
                                + END);
            case SPIN ->
                new Proposal(
                        role,
                        number,
                        "a " + kind,
                        "A " + kind
                                + " is made with full weight on the turning foot, in shoes that let it turn, with"
                                + " space around." + END);
            case PIVOT ->
                new Proposal(
                        role,
                        number,
                        "a pivot of half a turn or more",
                        "A pivot is learned slowly, with the weight over the turning foot and the knee free to go with it."
                                + END);
            case SWIVEL ->
                new Proposal(
                        role,
                        number,
                        "a deep " + kind,
                        "A swivel turns hip, knee and foot together: never twist the knee over a foot that sticks."
                                + END);
            case HEEL_TURN ->
                new Proposal(
                        role,
                        number,
                        "a large heel turn",
                        "A heel turn needs the weight held over the foot behind; learn it with support and without hurry."
                                + END);
        };
    }
}
