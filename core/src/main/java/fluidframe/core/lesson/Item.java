package fluidframe.core.lesson;

import fluidframe.core.exercise.Aid;
import java.util.List;

/**
 * One thing to do in a lesson.
 *
 * @param kind what it is about, figure or routine; blank for what is about nothing alone, such as the end of a lesson
 * @param id of the figure or routine
 * @param name of it
 * @param row from 1, at which the chart and the stage open; 0 for the beginning
 * @param role whose row it is, man or lady; blank for both
 * @param minutes at least 1
 * @param fixed whether the minutes were set by hand and stay when the rest adapts
 * @param weight its share of the time that is not fixed, from 1
 * @param why it is there, in words
 * @param done whether it has been done
 * @param aids drills and cards that help with it
 */
public record Item(
        Stage stage,
        String kind,
        String id,
        String name,
        int row,
        String role,
        int minutes,
        boolean fixed,
        int weight,
        String why,
        boolean done,
        List<Aid> aids) {
    private static final List<String> ROLES = List.of("", "man", "lady");

    public Item {
        aids = List.copyOf(aids);
        if (!ROLES.contains(role)) {
            throw new IllegalArgumentException(
                    "A part of a lesson is of the man, the lady or both, but was of \"" + role + "\"");
        }
        if (minutes < 1)
            throw new IllegalArgumentException("A part of a lesson takes a minute at least, but had " + minutes);
        if (weight < 1) throw new IllegalArgumentException("A weight is 1 at least, but was " + weight);
    }

    /** Of both, and nothing helps with it. */
    public Item(
            Stage stage,
            String kind,
            String id,
            String name,
            int row,
            int minutes,
            boolean fixed,
            int weight,
            String why,
            boolean done) {
        this(stage, kind, id, name, row, "", minutes, fixed, weight, why, done, List.of());
    }

    public Item asDone() {
        return new Item(stage, kind, id, name, row, role, minutes, fixed, weight, why, true, aids);
    }

    Item lasting(int newMinutes) {
        return new Item(stage, kind, id, name, row, role, newMinutes, fixed, weight, why, done, aids);
    }

    Item helpedBy(List<Aid> newAids) {
        return new Item(stage, kind, id, name, row, role, minutes, fixed, weight, why, done, newAids);
    }
}
