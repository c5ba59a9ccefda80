package fluidframe.core.rotation;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Rounds that people have been told of: they stay as long as those who are there can dance them. */
final class Announced {
    private Announced() {}

    /** The first of some rounds that still hold, from the first that has not been danced on. */
    static List<Round> kept(Floor floor, List<Round> announced) {
        List<Round> kept = new ArrayList<>();
        for (Round round : announced) {
            int number = floor.firstOpen() + kept.size();
            if (number >= floor.rounds() || !holds(floor, floor.setting(number), round)) return kept;
            kept.add(round);
        }
        return kept;
    }

    private static boolean holds(Floor floor, Floor.Setting setting, Round round) {
        Set<Integer> there = new HashSet<>(setting.free());
        for (int[] pair : setting.bound()) {
            there.add(pair[0]);
            there.add(pair[1]);
            if (round.pairs().stream().noneMatch(other -> isOf(floor, other, pair))) return false;
        }
        Set<Integer> named = new HashSet<>();
        for (Pair pair : round.pairs()) {
            int man = floor.index(pair.man());
            int lady = floor.index(pair.lady());
            if (!named.add(man) || !named.add(lady) || man < 0 || lady < 0) return false;
            if (!floor.may(man, lady) || !floor.leads(man) || !floor.follows(lady)) return false;
        }
        for (String waiting : round.waiting()) if (!named.add(floor.index(waiting))) return false;
        return named.equals(there) && round.waiting().size() == setting.waiting();
    }

    private static boolean isOf(Floor floor, Pair pair, int[] two) {
        int man = floor.index(pair.man());
        int lady = floor.index(pair.lady());
        return man == two[0] && lady == two[1] || man == two[1] && lady == two[0];
    }
}
