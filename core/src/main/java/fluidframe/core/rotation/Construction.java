package fluidframe.core.rotation;

import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where everybody is there throughout, nothing has been danced and nobody is kept apart or together. With one role each, everybody
 * of the larger side moves on by one place, past the smaller side and places to wait that lie as far from each other as can be.
 * Where everybody dances both roles, one stays and the others go round.
 */
final class Construction implements Method {
    @Override
    public Optional<Tally> plan(Floor floor) {
        Evening evening = floor.evening();
        boolean plain = evening.apart().isEmpty()
                && evening.together().isEmpty()
                && evening.done().isEmpty()
                && evening.before().equals(Evening.History.NONE)
                && evening.people().stream()
                        .allMatch(person -> person.from() == 0 && person.until() >= evening.rounds());
        if (!plain) return Optional.empty();
        List<Integer> men = only(floor, Role.MAN);
        List<Integer> ladies = only(floor, Role.LADY);
        if (men.size() + ladies.size() == floor.size()) {
            return Optional.of(men.size() >= ladies.size() ? past(floor, men, ladies) : past(floor, ladies, men));
        }
        return men.isEmpty() && ladies.isEmpty() ? Optional.of(round(floor)) : Optional.empty();
    }

    private static List<Integer> only(Floor floor, Role role) {
        List<Integer> only = new ArrayList<>();
        for (int i = 0; i < floor.size(); i++) if (floor.person(i).roles().equals(Set.of(role))) only.add(i);
        return only;
    }

    private static Tally past(Floor floor, List<Integer> many, List<Integer> few) {
        int places = many.size();
        int waiting = places - few.size();
        int[] at = new int[places];
        int next = 0;
        for (int place = 0; place < places; place++) {
            boolean waits = (place + 1) * waiting / places > place * waiting / places;
            at[place] = waits ? -1 : few.get(next);
            if (!waits) next++;
        }
        Tally tally = new Tally(floor);
        for (int round = 0; round < floor.rounds(); round++) {
            List<int[]> pairs = new ArrayList<>();
            BitSet waits = new BitSet();
            for (int i = 0; i < places; i++) {
                int with = at[(i + round) % places];
                if (with < 0) waits.set(many.get(i));
                else pairs.add(new int[] {many.get(i), with});
            }
            tally.set(round, new Partners(pairs, waits));
        }
        return tally;
    }

    /** A circle in which everybody meets everybody; with an odd number, one place in it is that of the one who waits. */
    private static Tally round(Floor floor) {
        int places = floor.size() + floor.size() % 2;
        Tally tally = new Tally(floor);
        for (int round = 0; round < floor.rounds(); round++) {
            List<int[]> pairs = new ArrayList<>();
            BitSet waits = new BitSet();
            for (int i = 0; i < places / 2; i++) {
                int one = i == 0 ? places - 1 : (round + i) % (places - 1);
                int other = i == 0 ? round % (places - 1) : Math.floorMod(round - i, places - 1);
                if (one >= floor.size()) waits.set(other);
                else pairs.add(new int[] {one, other});
            }
            tally.set(round, new Partners(pairs, waits));
        }
        return tally;
    }
}
