package fluidframe.core.chart;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.count.Dance;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/**
 * A figure, completely described: what it is called, how it may begin, the rows of both roles, how it may end, and what
 * belongs to teaching it. A role without rows has no part in the figure (a solo). Options are another school's way of
 * some cells; a repeat group is written once and danced as often as wanted.
 */
public record Chart(
        Identity identity,
        Start start,
        List<Step> man,
        List<Step> lady,
        List<Timing> timings,
        List<Option> options,
        List<RepeatGroup> repeats,
        Totals totals,
        Finish finish,
        List<Part> parts,
        List<Variant> variants,
        Teaching teaching,
        List<Acceptance> accepted) {
    /** The most rows a role may have; more is a routine, not a figure. */
    public static final int MAX_ROWS = 128;

    public Chart {
        man = List.copyOf(man);
        lady = List.copyOf(lady);
        timings = List.copyOf(timings);
        options = List.copyOf(options);
        repeats = List.copyOf(repeats);
        parts = List.copyOf(parts);
        variants = List.copyOf(variants);
        accepted = List.copyOf(accepted);
        if (man.isEmpty() && lady.isEmpty()) throw new IllegalArgumentException("A figure must have at least one step");
        if (man.size() > MAX_ROWS || lady.size() > MAX_ROWS) {
            throw new IllegalArgumentException("A role must have at most " + MAX_ROWS + " rows");
        }
        int leading = man.isEmpty() ? lady.size() : man.size();
        RepeatGroup.check(repeats, leading);
        for (Part part : parts) {
            if (part.to() > man.size()) {
                throw new IllegalArgumentException(
                        "Part " + part.id() + " must end by the man's last step, which is " + man.size());
            }
        }
        for (Variant variant : variants) {
            boolean lacksMan =
                    !man.isEmpty() && variant.keep() == 0 && variant.man().isEmpty();
            boolean lacksLady =
                    !lady.isEmpty() && variant.keep() == 0 && variant.lady().isEmpty();
            if (lacksMan || lacksLady) {
                throw new IllegalArgumentException("Variant " + variant.id() + " must have at least one row for the "
                        + (lacksMan ? "man" : "lady"));
            }
            int danced = variant.keep() + (man.isEmpty() ? variant.lady() : variant.man()).size();
            RepeatGroup.check(variant.repeats(), danced);
            if (variant.keep() > man.size()) {
                throw new IllegalArgumentException("Variant " + variant.id() + " must keep at most the man's "
                        + man.size() + " steps, but keeps " + variant.keep());
            }
        }
    }

    public String id() {
        return identity.id();
    }

    public Dance dance() {
        return identity.dance();
    }

    public List<Step> steps(Role role) {
        return role == Role.MAN ? man : lady;
    }

    /** The same figure with other rows. */
    public Chart withRows(List<Step> newMan, List<Step> newLady) {
        return new Chart(
                identity, start, newMan, newLady, timings, options, repeats, totals, finish, parts, variants, teaching,
                accepted);
    }

    /** Only what goes with any rows (start, finish, teaching, acceptances), with other rows to be worked out. */
    public Chart bare(List<Step> newMan, List<Step> newLady) {
        return new Chart(
                identity,
                start,
                newMan,
                newLady,
                List.of(),
                List.of(),
                List.of(),
                Totals.UNDECLARED,
                finish,
                List.of(),
                List.of(),
                teaching,
                accepted);
    }

    /** The same rows from another beginning. */
    Chart withStart(Start other) {
        return new Chart(
                identity, other, man, lady, timings, options, repeats, totals, finish, parts, variants, teaching,
                accepted);
    }

    /** Beats from the beginning of a bar to the first row: the number counted, else the dance's customary start. */
    public Beats startBeat() {
        Count first = (man.isEmpty() ? lady : man).get(0).count();
        return Beats.of((first.kind() == Count.Kind.BEAT
                        ? first.beat()
                        : dance().startBeats().get(0))
                - 1);
    }

    /** Whether only one of the two dances. */
    public boolean isSolo() {
        return man.isEmpty() || lady.isEmpty();
    }

    public Rhythm rhythm(Role role) {
        return Rhythm.of(dance(), steps(role).stream().map(Step::count).toList());
    }

    /** What is said on each row of a role; empty where the language cannot say it, and for a role that does not dance. */
    public List<String> said(Role role, CountLanguage language) {
        List<Step> steps = steps(role);
        List<Boolean> taps = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            taps.add(i > 0
                    && steps.get(i).isStep()
                    && steps.get(i).weightTaken() == Weight.NONE
                    && steps.get(i - 1).weightTaken() == Weight.FULL);
        }
        List<String> own = steps.stream().map(Step::say).toList();
        return steps.isEmpty()
                ? List.of()
                : language.say(rhythm(role), startBeat(), own, taps).orElse(List.of());
    }

    /** The length of the longer role. */
    public Beats length() {
        Beats his = rhythm(Role.MAN).total();
        Beats hers = rhythm(Role.LADY).total();
        return his.compareTo(hers) >= 0 ? his : hers;
    }
}
