package fluidframe.core.recall;

import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.core.count.Count;
import fluidframe.core.count.Dance;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * Judges answers as an examiner would who hears them: what is meant counts and not how it is written. They are read by what reads
 * the charts, with the short codes that are typed there.
 */
public final class Answers {
    /** What an answer is worth. */
    public enum Verdict {
        RIGHT,
        WRONG,
        /** Neither: it cannot be read, and may be said again. */
        UNREAD
    }

    /** @param why what is wrong with an answer that cannot be read; blank for one that can */
    public record Judgement(Verdict verdict, String why) {}

    private final BiFunction<Column, String, String> codes;

    /** @param codes what a short code of a column stands for; what is no code stands for itself */
    public Answers(BiFunction<Column, String, String> codes) {
        this.codes = codes;
    }

    /** What the answer to a question is worth. */
    public Judgement judge(Question question, String given) {
        String said = given.strip();
        if (said.isEmpty()) return new Judgement(Verdict.UNREAD, "Say something, or that you do not know");
        if (plain(said).equals(plain(question.answer()))) return new Judgement(Verdict.RIGHT, "");
        Optional<Column> column = question.ask().column();
        if (column.isEmpty()) return judged(isSame(question, said));
        try {
            Step meant = read(column.get(), said);
            return judged(agree(column.get(), read(column.get(), question.answer()), meant, question.dance()));
        } catch (IllegalArgumentException e) {
            return new Judgement(Verdict.UNREAD, e.getMessage());
        }
    }

    private static Judgement judged(boolean right) {
        return new Judgement(right ? Verdict.RIGHT : Verdict.WRONG, "");
    }

    private Step read(Column column, String text) {
        // A step needs these; what is judged is the one cell.
        return StepDraft.of(Count.parse("1"), Foot.LEFT, Placement.parse("side"))
                .set(column, codes.apply(column, text))
                .step();
    }

    /**
     * A turn agrees in amount and side, and in how it is made where that is said; an alignment agrees in its kind and direction,
     * whether or not it is said where the body moves.
     */
    private static boolean agree(Column column, Step charted, Step said, Dance dance) {
        if (column == Column.TURN) return turns(charted.turn(), said.turn());
        if (column == Column.ALIGN) {
            Alignment one = charted.alignment().orElseThrow();
            Alignment other = said.alignment().orElseThrow();
            return one.kind() == other.kind() && one.direction().equals(other.direction());
        }
        return column.of(charted, dance).equals(column.of(said, dance));
    }

    private static boolean turns(Turn charted, Turn said) {
        if (charted.sixteenths() == 0) return charted.equals(said);
        boolean madeSo = said.kind() == charted.kind() || said.kind() == Turn.Kind.BETWEEN_FEET;
        return charted.sixteenths() == said.sixteenths() && madeSo;
    }

    /** Counts are said with or without commas, figures by the words of their names. */
    private static boolean isSame(Question question, String said) {
        return plain(said)
                .replaceAll("[ ,]", "")
                .equals(plain(question.answer()).replaceAll("[ ,]", ""));
    }

    private static String plain(String text) {
        return text.strip().toLowerCase(Locale.ROOT).replace("and", "&").replaceAll("\\s+", " ");
    }
}
