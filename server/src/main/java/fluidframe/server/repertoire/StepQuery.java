package fluidframe.server.repertoire;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.link.Danceable;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a search asks of the steps rather than of the words: a count ("SSQQ", "12&3"), a whole turn ("turns left 1/4", "lady turns
 * right") and what somebody does ("lady spins", "he pivots"). It takes these out of the question and leaves the rest.
 */
final class StepQuery {
    /**
     * What is known of the steps of one figure, in lower case.
     *
     * @param counts the counts of each role without blanks, in beats and in slows and quicks
     * @param turns the whole turn of each role: {@code "lady left 1/4"}
     * @param does what each does that has a name: {@code "lady spin"}
     */
    record Steps(List<String> counts, List<String> turns, List<String> does) {
        static Steps of(Danceable danced) {
            Chart chart = danced.figure();
            Set<String> counts = new LinkedHashSet<>();
            Set<String> does = new LinkedHashSet<>();
            List<String> turns = new ArrayList<>();
            for (Role role : Role.values()) {
                if (chart.steps(role).isEmpty()) continue;
                for (CountLanguage language : List.of(CountLanguage.SLOW_QUICK, CountLanguage.BEATS)) {
                    String said = String.join("", chart.said(role, language));
                    if (!said.isEmpty()) counts.add(said.toLowerCase(Locale.ROOT));
                }
                int turned = danced.ledger().of(role).totalTurn();
                if (turned != 0) {
                    String side = turned < 0 ? "left " : "right ";
                    turns.add(role + " " + side + TurnText.fraction(Math.abs(turned)));
                }
                for (Step step : chart.steps(role)) {
                    Turn.Kind kind = step.turn().kind();
                    if (kind != Turn.Kind.BETWEEN_FEET) does.add(role + " " + kind);
                }
            }
            return new Steps(List.copyOf(counts), List.copyOf(turns), List.copyOf(does));
        }
    }

    private static final String WHO = "(?:(man|lady|leader|follower|he|she)(?:'s)? )?";

    private static final Pattern COUNT = Pattern.compile("(?<= |^)(?=\\S*[sq]|\\S*\\d)([sqa&]{3,}|[1-8a&]{3,})(?= |$)");

    private static final Pattern TURN = Pattern.compile("(?<= |^)" + WHO
            + "turns?(?: to(?: the)?)? (left|right|l|r)(?: by)?(?: ((?:\\d )?\\d/\\d{1,2}|\\d))?(?= |$)");

    private static final Pattern DOES = Pattern.compile("(?<= |^)(man|lady|leader|follower|he|she)(?:'s)? "
            + "(heel turn|heel pull|toe pivot|pivot|swivel|spiral|spin|twist)s?(?= |$)");

    private final List<Predicate<Steps>> asked = new ArrayList<>();
    private final String rest;

    private StepQuery(String query) {
        String left = query.toLowerCase(Locale.ROOT).strip().replaceAll("\\s+", " ");
        left = take(left, TURN, this::turn);
        left = take(left, DOES, this::does);
        left = take(left, COUNT, this::count);
        rest = left.strip();
    }

    static StepQuery of(String query) {
        return new StepQuery(query);
    }

    /** The question without what was asked of the steps. */
    String rest() {
        return rest;
    }

    boolean matches(Steps steps) {
        return asked.stream().allMatch(each -> each.test(steps));
    }

    private String take(String query, Pattern pattern, Function<MatchResult, Predicate<Steps>> read) {
        Matcher matcher = pattern.matcher(query);
        StringBuilder left = new StringBuilder();
        while (matcher.find()) {
            asked.add(read.apply(matcher.toMatchResult()));
            matcher.appendReplacement(left, "");
        }
        return matcher.appendTail(left).toString();
    }

    private Predicate<Steps> turn(MatchResult match) {
        String side = match.group(2).startsWith("l") ? "left" : "right";
        String amount = match.group(3);
        return steps -> steps.turns().stream()
                .anyMatch(turn -> isOf(match.group(1), turn)
                        && (amount == null
                                ? turn.contains(" " + side + " ")
                                : turn.endsWith(" " + side + " " + amount)));
    }

    private Predicate<Steps> does(MatchResult match) {
        return steps -> steps.does().stream()
                .anyMatch(done -> isOf(match.group(1), done) && done.endsWith(" " + match.group(2)));
    }

    private Predicate<Steps> count(MatchResult match) {
        return steps -> steps.counts().stream().anyMatch(counted -> counted.contains(match.group(1)));
    }

    private static boolean isOf(String who, String said) {
        if (who == null) return true;
        boolean his = who.equals("man") || who.equals("leader") || who.equals("he");
        return said.startsWith((his ? Role.MAN : Role.LADY) + " ");
    }
}
