package fluidframe.library.text;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.library.evening.ClassFormat;
import fluidframe.library.event.EventFormat;
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.library.list.ListFormat;
import fluidframe.library.people.CoupleFormat;
import fluidframe.library.people.DancerFormat;
import fluidframe.library.people.GroupFormat;
import fluidframe.library.practice.PracticeFormat;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.song.SongFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class DocumentedFormatsTest {
    @Test
    void theExamplesOfTheDocumentationAreRead() throws IOException {
        List<Format<?>> formats = List.of(
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
        Pattern example = Pattern.compile("```yaml\\R(.*?)```", Pattern.DOTALL);
        Matcher examples = example.matcher(Files.readString(Path.of("../docs/formats.md")));
        for (Format<?> format : formats) {
            assertThat(examples.find()).isTrue();
            assertThat(format.read(examples.group(1)).problems()).isEmpty();
        }
        assertThat(examples.find()).isFalse();
    }
}
