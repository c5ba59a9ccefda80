package fluidframe.core.jotting;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a line may name.
 *
 * @param people couples, groups and dancers alone
 * @param subjects figures and routines
 * @param works by the id of people, the ids of what they work on: of two figures of one name theirs is meant
 */
public record Names(List<Named> people, List<Named> subjects, Map<String, Set<String>> works) {
    public Names {
        people = List.copyOf(people);
        subjects = List.copyOf(subjects);
        works = Map.copyOf(works);
    }

    /** What is meant first of several of one name: what these people work on, then what is of the dances of that. */
    Comparator<Named> nearness(List<Named> of) {
        Set<String> theirs =
                of.isEmpty() ? Set.of() : works.getOrDefault(of.get(0).id(), Set.of());
        Set<String> dances = subjects.stream()
                .filter(subject -> theirs.contains(subject.id()))
                .map(Named::dance)
                .collect(Collectors.toSet());
        return Comparator.comparing((Named subject) -> !theirs.contains(subject.id()))
                .thenComparing(subject -> !dances.contains(subject.dance()))
                .thenComparing(Named::near);
    }

    /**
     * Something by its names.
     *
     * @param kind couple, group, figure or routine
     * @param also other names
     * @param dance its title; blank where there is none
     * @param rows how many steps it has; 0 where that is not known
     * @param near 0 for what is meant first where several have one name, then 1 and so on
     */
    public record Named(String kind, String id, String name, List<String> also, String dance, int rows, int near) {
        public Named {
            also = List.copyOf(also);
        }

        /** Somebody. */
        public Named(String kind, String id, String name, List<String> also) {
            this(kind, id, name, also, "", 0, 0);
        }
    }
}
