package fluidframe.server.evening;

import fluidframe.core.rotation.Pair;
import java.util.List;

/**
 * Who dances with whom, round by round.
 *
 * @param rounds all of them, those that have been danced first
 * @param proven whether no plan could be better
 * @param how in words: how it was found, and what is known of how good it is
 * @param people in the order in which they came
 * @param grid who has danced with whom, and will
 */
public record RotationView(
        List<ClassRound> rounds, boolean proven, String how, List<ClassPerson> people, List<ClassMet> grid) {
    /**
     * A round.
     *
     * @param waiting ids
     * @param material id of what is danced; blank where the evening has nothing
     * @param kind of it, and name, blank likewise
     * @param tempo in bars a minute; 0 where none is known
     * @param timing id of another timing; blank for as charted
     */
    public record ClassRound(
            List<Pair> pairs,
            List<String> waiting,
            String material,
            String kind,
            String name,
            double tempo,
            String timing,
            boolean otherSide,
            boolean danced) {}

    /**
     * Somebody who came.
     *
     * @param waits in all rounds of this evening
     */
    public record ClassPerson(String id, String name, List<String> roles, int dances, int waits) {}

    /**
     * Two who dance with each other.
     *
     * @param danced this evening
     * @param planned in the rounds to come
     * @param earlier on earlier evenings of the course
     */
    public record ClassMet(String one, String other, int danced, int planned, int earlier) {}
}
