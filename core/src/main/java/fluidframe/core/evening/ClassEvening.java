package fluidframe.core.evening;

import fluidframe.core.rotation.Evening;
import fluidframe.core.rotation.Pair;
import fluidframe.core.rotation.Person;
import fluidframe.core.rotation.Round;
import fluidframe.core.rotation.Two;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One evening of a class, or of a course of several.
 *
 * @param at by the clock on the wall, to the minute
 * @param group whose course it is; empty for an evening by itself
 * @param material what is danced, the first where a round says nothing else
 * @param rounds in all
 * @param people who came, with the rounds in which they are there
 * @param changes what single rounds do otherwise, at most one a round
 * @param danced the rounds that have been danced, in order
 * @param announced the rounds after those, as people have been told
 */
public record ClassEvening(
        LocalDateTime at,
        Optional<Course> group,
        String where,
        List<Material> material,
        Pace pace,
        int rounds,
        List<Person> people,
        List<Two> apart,
        List<Two> together,
        List<Change> changes,
        List<Danced> danced,
        List<Round> announced,
        String note) {
    /** The group whose course it is, with the name it had. */
    public record Course(String id, String name) {
        public Course {
            if (id.isBlank() || name.isBlank()) throw new IllegalArgumentException("Say whose course it is");
        }
    }

    /** A figure, routine or drill, with the name it had. */
    public record Material(String kind, String id, String name) {
        private static final List<String> KINDS = List.of("figure", "routine", "drill");

        public Material {
            if (!KINDS.contains(kind)) {
                throw new IllegalArgumentException(
                        "A class dances a figure, a routine or a drill, but this was a \"" + kind + "\"");
            }
        }
    }

    /**
     * How the rounds go.
     *
     * @param tempo of the first round, in bars a minute; empty for the usual of what is danced
     * @param raise by which every round is faster than the one before, in bars a minute; from 0 to 10
     * @param times how often it is danced in a round, 1 to 50
     */
    public record Pace(OptionalDouble tempo, double raise, int times) {
        public static final Pace USUAL = new Pace(OptionalDouble.empty(), 0, 2);
        private static final int MOST_RAISED = 10;
        private static final int MOST_TIMES = 50;

        public Pace {
            if (raise < 0 || raise > MOST_RAISED) {
                throw new IllegalArgumentException(
                        "The tempo is raised by 0 to " + MOST_RAISED + " bars a minute, but was to be by " + raise);
            }
            if (times < 1 || times > MOST_TIMES) {
                throw new IllegalArgumentException(
                        "A round dances it 1 to " + MOST_TIMES + " times, but was to " + times + " times");
            }
        }
    }

    /**
     * What one round does otherwise.
     *
     * @param round from 0
     * @param material id of what is danced in it; blank for the first of the evening
     * @param tempo in bars a minute; empty for the one the pace gives
     * @param timing id of another timing of the figure; blank for as charted
     * @param otherSide whether it is danced to the other side
     */
    public record Change(int round, String material, OptionalDouble tempo, String timing, boolean otherSide) {}

    /**
     * A round that has been danced.
     *
     * @param material id of what was danced
     * @param tempo in bars a minute
     */
    public record Danced(List<Pair> pairs, List<String> waiting, String material, OptionalDouble tempo) {
        public Danced {
            pairs = List.copyOf(pairs);
            waiting = List.copyOf(waiting);
        }

        Round round() {
            return new Round(pairs, waiting);
        }

        private Stream<String> everybody() {
            return Stream.concat(pairs.stream().flatMap(pair -> Stream.of(pair.man(), pair.lady())), waiting.stream());
        }
    }

    public ClassEvening {
        at = at.truncatedTo(ChronoUnit.MINUTES);
        material = material.stream().distinct().toList();
        people = List.copyOf(people);
        apart = apart.stream().distinct().toList();
        together = together.stream().distinct().toList();
        changes = List.copyOf(changes);
        danced = List.copyOf(danced);
        announced = List.copyOf(announced);
        Set<String> here = people.stream().map(Person::id).collect(Collectors.toSet());
        for (int i = 0; i < danced.size(); i++) {
            Set<String> once = new LinkedHashSet<>();
            int round = i + 1;
            danced.get(i).everybody().forEach(id -> {
                if (!here.contains(id)) {
                    throw new IllegalArgumentException(
                            id + " danced or waited in round " + round + ", but is not among those who came");
                }
                if (!once.add(id)) throw new IllegalArgumentException(id + " is in round " + round + " twice");
            });
        }
        // What the rotation refuses is refused when it is saved.
        evening(people, rounds, apart, together, danced, Evening.History.NONE);
    }

    /** As a problem of rotation, with what happened on earlier evenings. */
    public Evening evening(Evening.History before) {
        return evening(people, rounds, apart, together, danced, before);
    }

    private static Evening evening(
            List<Person> people,
            int rounds,
            List<Two> apart,
            List<Two> together,
            List<Danced> danced,
            Evening.History before) {
        return new Evening(
                people,
                rounds,
                Set.copyOf(apart),
                Set.copyOf(together),
                danced.stream().map(Danced::round).toList(),
                before);
    }

    /** Who has danced with whom and who has waited on some evenings. */
    public static Evening.History history(List<ClassEvening> evenings) {
        Map<Two, Integer> met = new HashMap<>();
        Map<String, Integer> waited = new HashMap<>();
        for (ClassEvening evening : evenings) {
            for (Danced round : evening.danced) {
                round.pairs().forEach(pair -> met.merge(pair.two(), 1, Integer::sum));
                round.waiting().forEach(id -> waited.merge(id, 1, Integer::sum));
            }
        }
        return new Evening.History(met, waited);
    }

    /** What a round does otherwise, if anything. */
    public Optional<Change> change(int round) {
        return changes.stream().filter(change -> change.round() == round).findFirst();
    }

    /** What is danced in a round; empty where the evening has nothing. */
    public Optional<Material> material(int round) {
        String wanted = change(round).map(Change::material).orElse("");
        return material.stream()
                .filter(one -> one.id().equals(wanted))
                .findFirst()
                .or(() -> material.stream().findFirst());
    }

    /**
     * The tempo of a round in bars a minute: its own, else the first of the evening raised round by round.
     *
     * @param usual of what is danced
     */
    public double tempo(int round, double usual) {
        OptionalDouble own = change(round).map(Change::tempo).orElse(OptionalDouble.empty());
        return own.orElse(pace.tempo().orElse(usual) + round * pace.raise());
    }

    /** Without somebody, as if nobody had been in those places. */
    public ClassEvening without(String dancer) {
        return new ClassEvening(
                at,
                group,
                where,
                material,
                pace,
                rounds,
                people.stream().filter(one -> !one.id().equals(dancer)).toList(),
                apart.stream().filter(two -> !names(two, dancer)).toList(),
                together.stream().filter(two -> !names(two, dancer)).toList(),
                changes,
                danced.stream()
                        .map(round -> new Danced(
                                round.pairs().stream()
                                        .filter(pair -> !names(pair.two(), dancer))
                                        .toList(),
                                round.waiting().stream()
                                        .filter(id -> !id.equals(dancer))
                                        .toList(),
                                round.material(),
                                round.tempo()))
                        .toList(),
                List.of(),
                note);
    }

    private static boolean names(Two two, String dancer) {
        return two.one().equals(dancer) || two.other().equals(dancer);
    }
}
