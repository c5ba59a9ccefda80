package fluidframe.core.direction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TurnTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/4 R between 1 and 2       | 1/4 R                 | 4",
                "3/8 left                    | 3/8 L                 | -6",
                "2/8 r                       | 1/4 R                 | 4",
                "1 L                         | 1 L                   | -16",
                "1 1/4 R spin                | 1 1/4 R spin          | 20",
                "3/16 L                      | 3/16 L                | -3",
                "3/8 L, body turns less      | 3/8 L, body less      | -6",
                "3/8 R, body 1/16 less       | 3/8 R, body 1/16 less | 6",
                "1/2 R pivot between 4 and 5 | 1/2 R pivot           | 8",
                "commence to turn to L       | begins L              | 0",
                "body completes              | body completes        | 0",
                "quarter right               | 1/4 R                 | 4",
                "three eighths to the left   | 3/8 L                 | -6",
                "one and a quarter R spin    | 1 1/4 R spin          | 20",
                "a half turn to the right    | 1/2 R                 | 8",
                "a full turn left            | 1 L                   | -16",
                "an eighth of a turn R       | 1/8 R                 | 2",
                "three quarters L, body less | 3/4 L, body less      | -12",
                "180 degrees right           | 1/2 R                 | 8",
                "67.5° L                     | 3/16 L                | -3",
                "nil                         | none                  | 0"
            })
    void readsWhatCoachesWrite(String text, String canonical, int sixteenths) {
        Turn turn = Turn.parse(text);
        assertThat(turn).hasToString(canonical).isEqualTo(Turn.parse(canonical));
        assertThat(turn.sixteenths()).isEqualTo(sixteenths);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1/4",
                "R",
                "1/3 R",
                "1/4 R sideways",
                "0/8 R",
                "1/4 R, 1/8 L",
                "5 R",
                "body less",
                "1/4 R, body less, body completes"
            })
    void refusesWhatIsNoTurn(String text) {
        assertThatThrownBy(() -> Turn.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .isNotBlank();
    }

    @Test
    void roundTripsAnyTurnThatCanBeMade() {
        Random random = new Random(11);
        for (int i = 0; i < 2000; i++) {
            int sixteenths = random.nextInt(65) - 32;
            Turn.Kind kind = sixteenths == 0
                    ? Turn.Kind.BETWEEN_FEET
                    : Turn.Kind.values()[random.nextInt(Turn.Kind.values().length)];
            int less = sixteenths == 0 ? 0 : random.nextInt(5);
            Turn turn = new Turn(sixteenths, kind, random.nextInt(3) - 1, less, less == 0 && random.nextBoolean());
            assertThat(Turn.parse(turn.toString())).isEqualTo(turn);
            assertThat(turn.mirrored().mirrored()).isEqualTo(turn);
        }
    }

    @Test
    void addsUpToTheSameDirectionInAnyOrderOfSteps() {
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            int body = 0;
            int foot = 0;
            int lag = 0;
            for (int step = 0; step < 8; step++) {
                int amount = random.nextInt(13) - 6;
                Turn turn = amount == 0
                        ? new Turn(0, Turn.Kind.BETWEEN_FEET, 0, 0, true)
                        : new Turn(amount, Turn.Kind.BETWEEN_FEET, 0, random.nextInt(3), false);
                body += turn.bodySixteenths(lag);
                foot += turn.sixteenths();
                lag = turn.lagAfter(lag);
                assertThat(foot - body).isEqualTo(lag);
            }
        }
    }

    @Test
    void pastTwoWholeTurnsIsOneTurnLess() {
        Turn twice = new Turn(32, Turn.Kind.SPIN, 0, 0, false);
        assertThat(twice.plus(2).sixteenths()).isEqualTo(18);
        assertThat(twice.mirrored().plus(-1).sixteenths()).isEqualTo(-17);
        assertThat(twice.plus(-2).sixteenths()).isEqualTo(30);
    }

    @Test
    void saysAmountsAsFractionsNeverAsDecimals() {
        assertThat(TurnText.amount(6)).isEqualTo("3/8 R");
        assertThat(TurnText.amount(-20)).isEqualTo("1 1/4 L");
        assertThat(TurnText.amount(0)).isEqualTo("no turn");
        for (int s = 0; s <= 64; s++) assertThat(TurnText.fraction(s)).doesNotContain(".");
    }
}
