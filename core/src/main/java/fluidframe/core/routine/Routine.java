package fluidframe.core.routine;

import fluidframe.core.count.Dance;
import fluidframe.core.floor.Stride;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A routine as a coach writes it down; nothing in it is worked out, and what it names need not exist.
 *
 * @param tempo bars a minute, 10 to 100
 * @param startTurn sixteenths by which the first figure is turned from its chart, 0 to 15
 * @param couple for whom it is; empty for nobody in particular
 * @param phraseBars how many bars a phrase of the music has, 1 to 32
 * @param song id of the song it is set to
 * @param songBar the bar of the song on which it begins, 1 to 400; none for the first after the introduction
 * @param places what is danced, in order, at most 200
 */
public record Routine(
        String name,
        Dance dance,
        double tempo,
        Hall hall,
        Stride stride,
        int startTurn,
        String note,
        String couple,
        int phraseBars,
        Optional<String> song,
        OptionalInt songBar,
        List<Place> places) {
    /** Bars a phrase in nearly all dance music. */
    public static final int USUAL_PHRASE = 8;
    /** More than any routine has, and few enough to be worked out as one types. */
    public static final int MOST_PLACES = 200;

    /**
     * One place of a routine.
     *
     * @param note what the coach says of it, empty for nothing
     * @param accepted why the join before it may stand though it does not hold; empty if it may not
     */
    public record Place(Placed placed, String note, String accepted) {
        /** With nothing said of it. */
        public static Place of(Placed placed) {
            return new Place(placed, "", "");
        }
    }

    public Routine {
        if (name.isBlank()) throw new IllegalArgumentException("A routine must have a name");
        if (places.size() > MOST_PLACES) {
            throw new IllegalArgumentException(
                    "A routine must have at most " + MOST_PLACES + " figures, but has " + places.size());
        }
        if (!(tempo >= 10 && tempo <= 100)) {
            throw new IllegalArgumentException(
                    "The tempo of a routine must be from 10 to 100 bars a minute, but was " + tempo);
        }
        if (phraseBars < 1 || phraseBars > 32) {
            throw new IllegalArgumentException("A phrase must have 1 to 32 bars, but has " + phraseBars);
        }
        places = List.copyOf(places);
    }

    /** What is danced, in order. */
    public List<Placed> placed() {
        return places.stream().map(Place::placed).toList();
    }

    /** The first places of it. */
    public Routine upTo(int count) {
        return new Routine(
                name,
                dance,
                tempo,
                hall,
                stride,
                startTurn,
                note,
                couple,
                phraseBars,
                song,
                songBar,
                places.subList(0, count));
    }
}
