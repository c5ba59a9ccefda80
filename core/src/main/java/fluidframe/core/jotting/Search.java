package fluidframe.core.jotting;

import fluidframe.core.words.Nearest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Looks for a name in a line: by the beginnings of its words, or by words that are nearly so. */
final class Search {
    private static final Set<String> FILLERS = Set.of("and", "the", "of", "to", "in", "a", "from", "with", "for");
    private static final int SHORTEST = 2;
    private static final int SHORTEST_NEARLY = 5;
    private static final double NEARLY = 0.6;
    private static final int MOST = 4;

    private Search() {}

    /**
     * Where the line names something.
     *
     * @param named the likeliest first
     * @param strength how many words say it, and whether they say all of it
     * @param isSure whether it is said in full words, by one name
     */
    record Hit(int from, int to, List<Names.Named> named, double strength, boolean isSure) {}

    private record Match(int to, double strength, boolean nearly) {}

    /** Somebody named at a place of the line, in any order of their names. */
    static Optional<Hit> people(Typed line, int from, List<Phrases> people) {
        return best(line, from, people, Search::inAnyOrder, false)
                .or(() -> best(line, from, people, Search::inAnyOrder, true));
    }

    /** The place of the line at which it names a figure or routine most clearly; mistyped only where a name is expected. */
    static Optional<Hit> subject(Typed line, List<Phrases> subjects, Comparator<Names.Named> nearness) {
        List<Hit> hits = new ArrayList<>();
        int begin = line.first();
        for (int from = begin; from < line.size(); from++) {
            if (!line.isFree(from) || FILLERS.contains(line.at(from))) continue;
            boolean leads = from == begin;
            best(line, from, subjects, Search::inOrder, leads)
                    .filter(hit -> hit.strength() >= 2 || leads && hit.strength() >= 1)
                    .ifPresent(hits::add);
        }
        return hits.stream()
                .max(Comparator.comparing(Hit::strength).thenComparing(hit -> -hit.from()))
                .map(hit ->
                        new Hit(hit.from(), hit.to(), ordered(hit.named(), nearness), hit.strength(), hit.isSure()));
    }

    private static List<Names.Named> ordered(List<Names.Named> named, Comparator<Names.Named> nearness) {
        return named.stream().sorted(nearness).limit(MOST).toList();
    }

    @FunctionalInterface
    private interface Way {
        Match match(Typed line, int from, Phrases.Phrase phrase, boolean nearly);
    }

    private static Optional<Hit> best(Typed line, int from, List<Phrases> all, Way way, boolean nearly) {
        double strongest = 0;
        List<Names.Named> found = new ArrayList<>();
        Match best = null;
        for (Phrases phrases : all) {
            Match match = strongest(line, from, phrases, way, nearly);
            if (match == null || match.strength() < strongest) continue;
            if (match.strength() > strongest) found.clear();
            strongest = match.strength();
            best = match;
            found.add(phrases.named());
        }
        return best == null
                ? Optional.empty()
                : Optional.of(new Hit(from, best.to(), found, strongest, found.size() == 1 && !best.nearly()));
    }

    private static Match strongest(Typed line, int from, Phrases phrases, Way way, boolean nearly) {
        return phrases.phrases().stream()
                .map(phrase -> way.match(line, from, phrase, nearly))
                .filter(match -> match.strength() > 0)
                .max(Comparator.comparing(Match::strength))
                .orElse(null);
    }

    /** Words of the line that begin words of the name, in its order; the name may go on or leave words out. */
    private static Match inOrder(Typed line, int from, Phrases.Phrase phrase, boolean mayBeNear) {
        String[] words = phrase.words();
        int at = from;
        int next = 0;
        int said = 0;
        int to = from;
        double strength = 0;
        boolean nearly = false;
        while (line.isFree(at) && next <= words.length && (phrase.parted() || line.piece(at) == line.piece(from))) {
            String word = line.at(at);
            int found = indexOf(words, next, word, false);
            if (found < 0 && mayBeNear) {
                found = indexOf(words, next, word, true);
                nearly |= found >= 0;
            }
            if (found < 0 && !FILLERS.contains(word)) break;
            // Whose fault it is mostly stands behind the name; "lady" is part of one only if the name goes on behind
            // it.
            if (RoleWord.is(word) && (found < 0 || indexOf(words, found + 1, line.at(at + 1), false) < 0)) break;
            at++;
            if (found < 0) continue;
            strength += likeness(word, words[found]);
            said++;
            next = found + 1;
            to = at;
        }
        return new Match(to, said == 0 ? 0 : strength + whole(said, words), nearly);
    }

    private static Match inAnyOrder(Typed line, int from, Phrases.Phrase phrase, boolean mayBeNear) {
        String[] words = phrase.words();
        List<String> left = new ArrayList<>(List.of(words));
        int at = from;
        int said = 0;
        int to = from;
        double strength = 0;
        boolean nearly = false;
        while (line.isFree(at)) {
            String word = line.at(at);
            String[] still = left.toArray(String[]::new);
            int found = indexOf(still, 0, word, false);
            if (found < 0 && said == 0 && mayBeNear) {
                found = indexOf(still, 0, word, true);
                nearly |= found >= 0;
            }
            if (found < 0 && !FILLERS.contains(word)) break;
            at++;
            if (found < 0) continue;
            strength += likeness(word, still[found]);
            left.remove(found);
            said++;
            to = at;
        }
        return new Match(to, said == 0 ? 0 : strength + whole(said, words), nearly);
    }

    private static int indexOf(String[] words, int from, String word, boolean nearly) {
        for (int i = from; i < words.length; i++) {
            boolean is = nearly
                    ? word.length() >= SHORTEST_NEARLY && Nearest.alike(word, words[i]) >= NEARLY
                    : words[i].equals(word) || word.length() >= SHORTEST && words[i].startsWith(word);
            if (is && !FILLERS.contains(words[i])) return i;
        }
        return -1;
    }

    /** A whole word says more than its beginning, and that more than one that is only like it. */
    private static double likeness(String typed, String word) {
        if (typed.equals(word)) return 1;
        return word.startsWith(typed) ? 0.9 : 0.6;
    }

    /** Said whole, a name is meant sooner than a longer one that holds it. */
    private static double whole(int said, String[] words) {
        long all = Stream.of(words).filter(word -> !FILLERS.contains(word)).count();
        return said >= all ? 1 : (double) said / all / 2;
    }
}
