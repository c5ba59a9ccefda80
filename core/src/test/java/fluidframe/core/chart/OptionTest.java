package fluidframe.core.chart;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Role;
import java.util.List;
import org.junit.jupiter.api.Test;

class OptionTest {
    private static Option option(String id, Role role, int step, Column column, String text) {
        return new Option(id, id, "", "", List.of(new Option.Edit(role, step, column, text)));
    }

    private final Option onTheBall = option("ball", Role.MAN, 2, Column.WORK, "B");

    @Test
    void excludesAnotherThatSaysSomethingOfTheSameCell() {
        assertThat(onTheBall.excludes(option("toe", Role.MAN, 2, Column.WORK, "T")))
                .isTrue();
        assertThat(onTheBall.excludes(option("lady", Role.LADY, 2, Column.WORK, "T")))
                .isFalse();
        assertThat(onTheBall.excludes(option("later", Role.MAN, 3, Column.WORK, "T")))
                .isFalse();
        assertThat(onTheBall.excludes(option("turn", Role.MAN, 2, Column.TURN, "1/8 R")))
                .isFalse();
        assertThat(onTheBall.excludes(onTheBall)).isFalse();
    }

    @Test
    void excludesTheOthersOfItsChoice() {
        Option high = new Option("high", "high", "", "arm", List.of(new Option.Edit(Role.MAN, 1, Column.NOTE, "a")));
        Option low = new Option("low", "low", "", "arm", List.of(new Option.Edit(Role.LADY, 2, Column.NOTE, "b")));
        assertThat(high.excludes(low)).isTrue();
        assertThat(high.excludes(onTheBall)).isFalse();
        assertThat(high.excludes(high)).isFalse();
    }
}
