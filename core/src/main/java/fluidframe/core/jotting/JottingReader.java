package fluidframe.core.jotting;

import fluidframe.core.couple.Role;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Understands a line: who, what, at which step or bar, whose fault, what was seen, the cue, the tempo and the day, in any order
 * in which a coach would say them. Pieces between commas, colons and semicolons are told apart; the first that is left over is
 * what was seen, the next the cue.
 */
public final class JottingReader {
    private static final List<String> NUMBERS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final Map<String, Integer> ORDINALS =
            Map.of("first", 1, "second", 2, "third", 3, "fifth", 5, "eighth", 8, "ninth", 9, "twelfth", 12);
    private static final int MOST_RUNS = 50;
    private static final Set<String> STEP = Set.of("step", "row", "count", "steps");
    private static final Set<String> BAR = Set.of("bar", "bars");
    private static final Set<String> CLEAN = Set.of("clean", "cleanly", "clean run", "danced clean", "no faults");
    private static final int MOST_CHARACTERS = 300;
    private static final double FASTEST = 300;

    private final Names names;
    private final List<Phrases> everybody;
    private final List<Phrases> everything;
    private final LocalDate today;

    /** @param today the day that is meant where no other is named */
    public JottingReader(Names names, LocalDate today) {
        this.names = names;
        this.everybody = names.people().stream().map(Phrases::of).toList();
        this.everything = names.subjects().stream().map(Phrases::of).toList();
        this.today = today;
    }

    /**
     * What the line says.
     *
     * @throws IllegalArgumentException if it is blank or too long to be kept
     */
    public Jotting read(String text) {
        return read(text, false);
    }

    /** @param atHand whether a figure is meant that the line need not name, so that a number may stand first */
    public Jotting read(String text, boolean atHand) {
        if (text.isBlank())
            throw new IllegalArgumentException("Type what was seen, such as \"natural turn 5 lady heel early\"");
        if (text.length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException(
                    "A line must be at most " + MOST_CHARACTERS + " characters, but has " + text.length());
        }
        Typed line = new Typed(text);
        // A class may be called by a day of the week.
        List<Names.Named> first = people(line);
        LocalDate date = Days.take(line, today);
        List<Names.Named> people = first.isEmpty() ? people(line) : first;
        Optional<Jotting.Kind> said = kind(line);
        OptionalDouble tempo = tempo(line);
        boolean whole = said.filter(kind -> kind == Jotting.Kind.PROMISE || kind == Jotting.Kind.NOTE)
                .isPresent();
        Optional<Search.Hit> subject = Search.subject(line, everything, names.nearness(people));
        List<Names.Named> subjects = subject.map(Search.Hit::named).orElse(List.of());
        if (whole) return new Sentence(line).jotting(said.get(), people, subjects, date);
        subject.ifPresent(hit -> line.take(hit.from(), hit.to()));
        Jotting.Runs runs = runs(line);
        boolean otherSide = otherSide(line);
        int after = subject.map(Search.Hit::to).orElse(line.first());
        int bar = number(line, after, BAR, false);
        int row = number(line, after, STEP, (atHand || subject.isPresent()) && bar == 0);
        Optional<Role> role = role(line, after);
        List<String> pieces = line.rest();
        boolean clean = !pieces.isEmpty() && CLEAN.contains(Typed.plain(pieces.get(0)));
        Told rest = Told.of(clean ? pieces.subList(1, pieces.size()) : pieces);
        Jotting.Kind kind = said.orElse(clean ? Jotting.Kind.CLEAN : Jotting.Kind.FAULT);
        return new Jotting(
                kind,
                people,
                subjects,
                row,
                bar,
                role,
                rest.seen(),
                rest.cause(),
                rest.cue(),
                tempo,
                date,
                runs,
                otherSide);
    }

    /** At the beginning or behind "for" a part of a name will do; elsewhere it takes two words, or all of it. */
    private List<Names.Named> people(Typed line) {
        int first = line.first();
        for (int i = first; i < line.size(); i++) {
            if (!line.isFree(i)) continue;
            boolean led = line.at(i - 1).equals("for") || line.at(i - 1).equals("with");
            Optional<Search.Hit> hit = Search.people(line, i, everybody);
            if (hit.isEmpty() || i != first && !led && hit.get().strength() < 2) continue;
            line.take(led ? i - 1 : i, hit.get().to());
            return hit.get().named();
        }
        return List.of();
    }

    private static Optional<Jotting.Kind> kind(Typed line) {
        int first = line.first();
        Optional<Jotting.Kind> kind = switch (line.at(first)) {
            case "taught", "learned", "learnt" -> Optional.of(Jotting.Kind.TAUGHT);
            case "promise", "promised" -> Optional.of(Jotting.Kind.PROMISE);
            case "next" ->
                line.at(first + 1).matches("time|lesson") ? Optional.of(Jotting.Kind.PROMISE) : Optional.empty();
            case "note" -> Optional.of(Jotting.Kind.NOTE);
            default -> Optional.empty();
        };
        kind.ifPresent(found -> line.take(first, first + (line.at(first).equals("next") ? 2 : 1)));
        return kind;
    }

    /** "at 28", "28 bars a minute" or "28 bpm". */
    private static OptionalDouble tempo(Typed line) {
        for (int i = 0; i < line.size(); i++) {
            if (!line.at(i).matches("\\d{1,3}(\\.\\d)?")) continue;
            double bars = Double.parseDouble(line.at(i));
            boolean before = line.at(i - 1).equals("at") || line.at(i - 1).equals("tempo");
            int after = i + 1;
            if (line.at(after).equals("bpm")) after++;
            else if (line.at(after).startsWith("bar") && line.at(after + 2).startsWith("min")) after += 3;
            if (bars <= 0 || bars > FASTEST || !before && after == i + 1) continue;
            line.take(before ? i - 1 : i, after);
            return OptionalDouble.of(bars);
        }
        return OptionalDouble.empty();
    }

    /** "step 5", "5th step", or where {@code bare} a number right behind the name. */
    private static int number(Typed line, int after, Set<String> words, boolean bare) {
        for (int i = 0; i < line.size(); i++) {
            if (!words.contains(line.at(i))) continue;
            int behind = value(line.at(i + 1));
            int before = value(line.at(i - 1));
            if (behind == 0 && before == 0) continue;
            int end = behind > 0 ? i + 2 : i + 1;
            // How many there are of them goes with it.
            if (line.at(end).equals("of") && value(line.at(end + 1)) > 0) end += 2;
            line.take(behind > 0 ? i : i - 1, end);
            return behind > 0 ? behind : before;
        }
        if (!bare) return 0;
        int at = after;
        while (Typed.LINKING.contains(line.at(at)) || RoleWord.is(line.at(at))) at++;
        int value = value(line.at(at));
        if (value > 0) line.take(at, at + 1);
        return value;
    }

    /** "3 of 5", "three out of five" or "3 times of 5". */
    private static Jotting.Runs runs(Typed line) {
        for (int i = 0; i < line.size(); i++) {
            int times = value(line.at(i));
            int of = i + 1;
            while (line.at(of).equals("times") || line.at(of).equals("out")) of++;
            int all = value(line.at(of + 1));
            // "Step 3 of 6" names a step.
            if (STEP.contains(line.at(i - 1)) || BAR.contains(line.at(i - 1))) continue;
            if (times == 0 || !line.at(of).equals("of") || all < times || all > MOST_RUNS) continue;
            int end = of + 2;
            if (line.at(end).matches("runs?|times")) end++;
            line.take(line.at(i - 1).equals("in") ? i - 1 : i, end);
            return new Jotting.Runs(times, all);
        }
        return Jotting.Runs.ONCE;
    }

    /** "to the other side". */
    private static boolean otherSide(Typed line) {
        for (int i = 0; i < line.size(); i++) {
            if (!line.at(i).equals("other") || !line.at(i + 1).equals("side")) continue;
            int from = i;
            while (line.at(from - 1).matches("the|to|on")) from--;
            line.take(from, i + 2);
            return true;
        }
        return false;
    }

    private static int value(String word) {
        if (word.matches("\\d{1,3}(st|nd|rd|th)?")) return Integer.parseInt(word.replaceAll("\\D", ""));
        if (ORDINALS.containsKey(word)) return ORDINALS.get(word);
        int named = NUMBERS.indexOf(word.replaceAll("th$", ""));
        return named + 1;
    }

    /** The first word that tells whose fault it is; "her" and "his" stay in the sentence, of which they are part. */
    private static Optional<Role> role(Typed line, int after) {
        for (int i = 0; i < line.size(); i++) {
            Role role = RoleWord.role(line.at(i)).orElse(null);
            if (role == null) continue;
            boolean leads = i == line.first() || i <= after + 2;
            if (leads && !line.at(i).equals("her") && !line.at(i).equals("his")) line.take(i, i + 1);
            return Optional.of(role);
        }
        return Optional.empty();
    }

    /** A promise or a note, which stays a sentence as it was typed. */
    private record Sentence(Typed line) {
        Jotting jotting(Jotting.Kind kind, List<Names.Named> people, List<Names.Named> subjects, LocalDate date) {
            String said = String.join(", ", line.rest());
            return new Jotting(
                    kind,
                    people,
                    subjects,
                    0,
                    0,
                    Optional.empty(),
                    said,
                    "",
                    "",
                    OptionalDouble.empty(),
                    date,
                    Jotting.Runs.ONCE,
                    false);
        }
    }

    /** What is left of the line, in its parts. */
    private record Told(String seen, String cause, String cue) {
        static Told of(List<String> rest) {
            String seen = "";
            String cause = "";
            String cue = "";
            for (String piece : rest) {
                String text = piece;
                String plain = Typed.plain(text);
                if (text.isEmpty()) continue;
                if (plain.startsWith("because ")) cause = joined(cause, text.substring("because ".length()));
                else if (plain.startsWith("cause ")) cause = joined(cause, text.substring("cause ".length()));
                else if (plain.startsWith("cue ")) cue = joined(cue, text.substring("cue ".length()));
                else if (seen.isEmpty()) seen = text;
                else cue = joined(cue, text);
            }
            int because = Typed.plain(seen).indexOf(" because ");
            if (because < 0) return new Told(seen, cause, cue);
            return new Told(
                    seen.substring(0, because), joined(seen.substring(because + " because ".length()), cause), cue);
        }

        private static String joined(String one, String other) {
            if (one.isEmpty() || other.isEmpty()) return one + other;
            return one + ", " + other;
        }
    }
}
