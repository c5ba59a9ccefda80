package fluidframe.library.routine;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.routine.Routine;
import fluidframe.library.text.Difference;
import fluidframe.library.text.Problem;
import fluidframe.library.text.ReadResult;
import org.junit.jupiter.api.Test;

class RoutineFormatTest {
    private static ReadResult<Routine> pose(String leaves) {
        return RoutineFormat.ROUTINE.read("""
                format: fluidframe/routine@1
                name: Posed
                dance: waltz
                tempo: 29
                floor: {length: 16, width: 11, startX: 3, startY: 5, stride: 0.7}
                figures:
                  - {figure: waltz.natural-turn}
                  - {element: Pose, beats: 3, leaves: {%s}}
                """.formatted(leaves));
    }

    private static Routine posed(String leaves) {
        return pose(leaves).value().orElseThrow();
    }

    @Test
    void saysWhichPlaceLeavesWhatCannotBe() {
        assertThat(pose("position: on the moon, hold: none, manFree: L").problems())
                .extracting(Problem::message)
                .singleElement()
                .asString()
                .startsWith("What place 2 of the routine leaves cannot be read. A couple position must be one of ")
                .endsWith("but was \"on the moon\"");
        assertThat(pose("position: closed, hold: none, manFree: L, man: up").problems())
                .extracting(Problem::message)
                .singleElement()
                .asString()
                .contains("place 2", "A direction must be LOD", "but was \"up\"");
    }

    private static ReadResult<Routine> repeated(String times) {
        return RoutineFormat.ROUTINE.read("""
                format: fluidframe/routine@1
                name: Again
                dance: waltz
                tempo: 29
                floor: {length: 16, width: 11, startX: 3, startY: 5, stride: 0.7}
                figures:
                  - {figure: waltz.natural-turn, times: %s}
                """.formatted(times));
    }

    @Test
    void keepsHowOftenEveryStretchIsRepeated() {
        for (String times : new String[] {"2", "[1, 3]", "[2, 3]"}) {
            Routine routine = repeated(times).value().orElseThrow();
            assertThat(RoutineFormat.ROUTINE.toJson(routine).at("/figures/0/times"))
                    .hasToString(times.replace(" ", ""));
        }
        assertThat(repeated("often").problems()).isNotEmpty();
    }

    @Test
    void tellsEveryDifferenceInWhatAnElementLeaves() {
        String usual = "position: closed, hold: none, manFree: L";
        for (String other : new String[] {
            "position: shadow, hold: none, manFree: L",
            "position: closed, hold: double, manFree: L",
            "position: closed, hold: none, manFree: R",
            usual + ", sameFeet: true",
            usual + ", man: DW"
        }) {
            assertThat(RoutineFormat.ROUTINE.differences(posed(usual), posed(other)))
                    .as(other)
                    .extracting(Difference::where)
                    .containsExactly("figure 2");
        }
        assertThat(RoutineFormat.ROUTINE
                        .differences(posed(usual), posed(usual + ", sameFeet: true, man: DW"))
                        .get(0)
                        .after())
                .isEqualTo("Pose, 3 beats, left in closed, none, LF and LF free, to DW");
    }
}
