package fluidframe.library.exchange;

import fluidframe.library.evening.ClassFormat;
import fluidframe.library.event.EventFormat;
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.library.list.ListFormat;
import fluidframe.library.people.CoupleFormat;
import fluidframe.library.people.DancerFormat;
import fluidframe.library.people.GroupFormat;
import fluidframe.library.practice.PracticeFormat;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.song.SongFormat;
import fluidframe.library.text.Format;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Every kind of document that there is a format for. */
public final class Formats {
    public static final List<Format<?>> ALL = List.of(
            ChartFormat.CHART,
            RoutineFormat.ROUTINE,
            SongFormat.SONG,
            EventFormat.EVENT,
            ListFormat.LIST,
            DancerFormat.DANCER,
            CoupleFormat.COUPLE,
            GroupFormat.GROUP,
            LessonFormat.LESSON,
            DrillFormat.DRILL,
            CardFormat.CARD,
            PracticeFormat.PRACTICE,
            ClassFormat.CLASS);

    private Formats() {}

    /** The format of a name such as {@code fluidframe/song@1}. */
    public static Optional<Format<?>> named(String name) {
        return ALL.stream().filter(format -> format.name().equals(name)).findFirst();
    }

    /** The format of a kind such as {@code song}. */
    public static Optional<Format<?>> of(String kind) {
        return ALL.stream().filter(format -> format.kind().equals(kind)).findFirst();
    }

    /** What a file must begin with if it is a document, and what it began with. */
    public static String refusal(String name) {
        String known = ALL.stream().map(Format::name).collect(Collectors.joining(", "));
        return "The format must be one of " + known + ", but was \"" + name + "\"";
    }
}
