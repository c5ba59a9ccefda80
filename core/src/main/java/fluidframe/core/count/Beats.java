package fluidframe.core.count;

import java.math.BigDecimal;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * An exact number of beats, 0 to 100000, as a reduced fraction. A step of a half beat is {@code 1/2}; there is no
 * rounding anywhere, so parts of a bar always add up to what they should.
 */
public final class Beats implements Comparable<Beats> {
    public static final Beats ZERO = new Beats(Fraction.ZERO);
    public static final Beats ONE = new Beats(Fraction.ONE);
    public static final Beats HALF = of(1, 2);
    public static final Beats QUARTER = of(1, 4);
    /** Numerators and denominators stay far from where whole numbers end. */
    private static final int MAX_BEATS = 100_000;

    private static final Pattern TEXT = Pattern.compile("(?:(\\d{1,5})\\s+)?(\\d{1,6})(?:/(\\d{1,3}))?");

    private final Fraction fraction;

    private Beats(Fraction fraction) {
        if (fraction.signum() < 0 || fraction.compareTo(Fraction.of(MAX_BEATS)) > 0) {
            throw new IllegalArgumentException("Beats must be from 0 to " + MAX_BEATS + ", but was " + fraction);
        }
        this.fraction = fraction;
    }

    /** {@code numerator/denominator} beats; the denominator must not be zero. */
    public static Beats of(int numerator, int denominator) {
        if (denominator == 0) throw new IllegalArgumentException("Beats must not be divided by 0");
        return new Beats(Fraction.of(numerator, denominator));
    }

    /** A whole number of beats. */
    public static Beats of(int whole) {
        return of(whole, 1);
    }

    /** Reads {@code "2"}, {@code "1/2"} or {@code "1 1/2"}; the inverse of {@link #toString()}. */
    public static Beats parse(String text) {
        Matcher matcher = TEXT.matcher(text.trim());
        boolean mixed = matcher.matches() && matcher.group(1) != null;
        if (!matcher.matches() || mixed && matcher.group(3) == null) {
            throw new IllegalArgumentException(
                    "Beats must look like \"1\", \"1/2\" or \"1 1/2\", but was \"" + text + "\"");
        }
        int denominator = matcher.group(3) == null ? 1 : Integer.parseInt(matcher.group(3));
        Beats part = of(Integer.parseInt(matcher.group(2)), denominator);
        return mixed ? of(Integer.parseInt(matcher.group(1))).plus(part) : part;
    }

    public Beats plus(Beats other) {
        return new Beats(fraction.add(other.fraction));
    }

    /** The difference; the other must not be larger. */
    public Beats minus(Beats other) {
        return new Beats(fraction.subtract(other.fraction));
    }

    public Beats times(int factor) {
        return new Beats(fraction.multiply(factor));
    }

    /** Half as long. */
    public Beats halved() {
        return new Beats(fraction.divide(2));
    }

    /** What is left over after as many whole {@code bar}s as fit. */
    public Beats remainder(Beats bar) {
        Fraction quotient = fraction.divide(bar.fraction);
        return new Beats(fraction.subtract(bar.fraction.multiply(quotient.intValue())));
    }

    /** How many whole {@code bar}s fit. */
    public int dividedBy(Beats bar) {
        return fraction.divide(bar.fraction).intValue();
    }

    public boolean isZero() {
        return fraction.signum() == 0;
    }

    /** For drawing and for seconds only; never compare or add these. */
    public double toDouble() {
        return fraction.doubleValue();
    }

    /** Seconds these beats last, to the millisecond. */
    public BigDecimal toSeconds(Tempo tempo) {
        return BigDecimal.valueOf(Math.round(toDouble() * 60_000 / tempo.beatsPerMinute()), 3);
    }

    @Override
    public int compareTo(Beats other) {
        return fraction.compareTo(other.fraction);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Beats beats && fraction.equals(beats.fraction);
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(fraction);
    }

    @Override
    public String toString() {
        int whole = fraction.intValue();
        int rest = fraction.getNumerator() - whole * fraction.getDenominator();
        if (rest == 0) return Integer.toString(whole);
        return (whole == 0 ? "" : whole + " ") + rest + "/" + fraction.getDenominator();
    }
}
