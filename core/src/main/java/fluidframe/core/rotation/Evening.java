package fluidframe.core.rotation;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is to be planned.
 *
 * @param rounds in all, those that have been danced included, 1 to {@value #MOST_ROUNDS}
 * @param apart those who never dance together
 * @param together those who dance with each other whenever both are there
 * @param done the rounds that have been danced, which stay as they were
 * @param before what happened on earlier evenings of the course
 */
public record Evening(
        List<Person> people, int rounds, Set<Two> apart, Set<Two> together, List<Round> done, History before) {
    public static final int MOST_ROUNDS = 100;
    public static final int MOST_PEOPLE = 100;

    /**
     * Earlier evenings.
     *
     * @param met how often two have danced together
     * @param waited how often somebody has waited
     */
    public record History(Map<Two, Integer> met, Map<String, Integer> waited) {
        public static final History NONE = new History(Map.of(), Map.of());

        public History {
            met = Map.copyOf(met);
            waited = Map.copyOf(waited);
        }
    }

    public Evening {
        people = List.copyOf(people);
        apart = Set.copyOf(apart);
        together = Set.copyOf(together);
        done = List.copyOf(done);
        if (rounds < Math.max(1, done.size()) || rounds > MOST_ROUNDS) {
            throw new IllegalArgumentException("An evening has 1 to " + MOST_ROUNDS
                    + " rounds and at least those that have been danced, but " + rounds + " were wanted");
        }
        if (people.size() > MOST_PEOPLE) {
            throw new IllegalArgumentException(
                    "A class has at most " + MOST_PEOPLE + " people, but this one has " + people.size());
        }
        Set<String> ids = new HashSet<>();
        for (Person person : people) {
            if (!ids.add(person.id())) throw new IllegalArgumentException(person.id() + " is in the class twice");
        }
        Set<String> bound = new HashSet<>();
        for (Two two : together) {
            if (apart.contains(two)) {
                throw new IllegalArgumentException(
                        two.one() + " and " + two.other() + " cannot be kept apart and together");
            }
            if (!bound.add(two.one()) || !bound.add(two.other())) {
                throw new IllegalArgumentException("Nobody can always dance with two people");
            }
        }
    }

    /** The same when some more rounds have been danced. */
    Evening after(List<Round> more) {
        List<Round> all = new ArrayList<>(done);
        all.addAll(more);
        return new Evening(people, rounds, apart, together, all, before);
    }

    /** A first evening with nothing said. */
    public Evening(List<Person> people, int rounds) {
        this(people, rounds, Set.of(), Set.of(), List.of(), History.NONE);
    }
}
