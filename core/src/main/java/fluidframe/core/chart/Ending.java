package fluidframe.core.chart;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How near the partners are to each other once a figure is over that ends face to face. */
public enum Ending {
    AS_CHARTED("as charted", null, null),
    NEARER("nearer", CouplePosition.CLOSED, Hold.CLOSED_NO_CONTACT),
    WIDER("wider", CouplePosition.OPEN_FACING, Hold.LEFT_TO_RIGHT);

    private final String words;
    private final CouplePosition position;
    private final Hold hold;

    Ending(String words, CouplePosition position, Hold hold) {
        this.words = words;
        this.position = position;
        this.hold = hold;
    }

    /** Reads {@link #toString()}. */
    public static Ending parse(String text) {
        for (Ending ending : values()) if (ending.words.equals(text)) return ending;
        throw new IllegalArgumentException("An ending must be nearer or wider, but was \"" + text + "\"");
    }

    /** Where it leaves the couple; empty as charted. */
    public Optional<CouplePosition> position() {
        return Optional.ofNullable(position);
    }

    /** The hold it leaves; empty as charted. */
    public Optional<Hold> hold() {
        return Optional.ofNullable(hold);
    }

    /** The rows with the couple so near at the end of the last one. */
    Chart of(Chart chart) {
        if (this == AS_CHARTED || chart.man().isEmpty()) return chart;
        List<Step> man = new ArrayList<>(chart.man());
        int last = man.size() - 1;
        man.set(last, man.get(last).withPosition(position, hold));
        return chart.withRows(man, chart.lady());
    }

    /** {@code nearer}; the inverse of {@link #parse}. */
    @Override
    public String toString() {
        return words;
    }
}
