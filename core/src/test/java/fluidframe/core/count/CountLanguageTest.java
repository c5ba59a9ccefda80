package fluidframe.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountLanguageTest {
    private static String said(CountLanguage language, Dance dance, String rhythm) {
        Rhythm parsed = Rhythm.parse(dance, rhythm);
        Beats start = Beats.of(Math.max(parsed.count(0).beat(), 1) - 1);
        return language.say(parsed, start)
                .map(words -> String.join(" | ", words))
                .orElse("-");
    }

    @ParameterizedTest
    @CsvSource({
        "beat numbers, foxtrot, S Q Q, 1.2 | 3 | 4",
        "beat numbers, samba, 1 a 2, 1 | a | 2",
        "beat numbers, jive, Q a Q Q, 1 | a | 2 | 3",
        "beat numbers, tango, Q Q S, 1 | & | 2",
        "slow and quick, quickstep, 1.2 3 4, S | Q | Q",
        "slow and quick, cha-cha, 2 3 4 & 1, Q | Q | Q | & | Q",
        "slow and quick, waltz, 1 2 3, -",
        "teaching count, cha-cha, 2 3 4 & 1, two | three | cha | cha | cha",
        "teaching count, cha-cha, 2 3 4 & 1 2 & 3 4 & 1, two | three | cha | cha | cha | cha | cha | cha | cha | cha | cha",
        "teaching count, cha-cha, 2 3 4 & 1 2 3, two | three | cha | cha | cha | two | three",
        "teaching count, cha-cha, 2.3 & 4 & 1, two | and | cha | cha | cha",
        "teaching count, rumba, 2 3 4.1, two | three | four",
        "teaching count, rumba, 2 & 3 4.1, two | and | three | four",
        "teaching count, jive, Q Q Q a Q, one | two | three | a | four",
        "teaching count, waltz, 1 2 & 3, one | two | and | three",
        "body count, rumba, 2 3 4.1, 2 & | 3 & | 4 & 1 &",
        "body count, samba, 1 a 2, 1 & | a | 2 & a",
        "body count, jive, Q a Q Q, 1 & | a | 2 & a | 3 & a"
    })
    void saysTheSameRhythmInEveryLanguage(String language, String dance, String rhythm, String said) {
        assertThat(said(CountLanguage.parse(language), Dance.parse(dance), rhythm))
                .isEqualTo(said);
    }

    @Test
    void whatCanBeWrittenReadsBackToTheSameBeats() {
        for (Dance dance : Dance.values()) {
            Beats start = Beats.of(dance.startBeats().get(0) - 1);
            for (int steps = 1; steps <= 5; steps++) {
                for (Rhythm rhythm : RhythmChoices.of(dance, steps, dance.bar().times(2), start)) {
                    for (CountLanguage language : List.of(CountLanguage.BEATS, CountLanguage.SLOW_QUICK)) {
                        Optional<List<String>> words = language.say(rhythm, start);
                        if (words.isEmpty()) continue;
                        Rhythm read = Rhythm.parse(dance, String.join(" ", words.get()));
                        for (int i = 0; i < steps; i++)
                            assertThat(read.beats(i)).isEqualTo(rhythm.beats(i));
                    }
                    assertThat(CountLanguage.BODY.say(rhythm, start).orElseThrow())
                            .hasSize(steps);
                }
            }
        }
    }

    @Test
    void aTapIsSaidWithTheStepThatItCompletes() {
        Rhythm swing = Rhythm.parse(Dance.FOXTROT, "Q Q Q Q S");
        List<String> none = List.of("", "", "", "", "");
        assertThat(CountLanguage.TAP_INCLUDED.say(swing, Beats.ZERO, none, List.of(false, true, false, true, false)))
                .contains(List.of("S", "", "S", "", "S"));
        assertThat(CountLanguage.TAP_INCLUDED.say(swing, Beats.ZERO)).isEmpty();
        assertThat(CountLanguage.TAP_INCLUDED.say(
                        Rhythm.parse(Dance.WALTZ, "1 2 3"),
                        Beats.ZERO,
                        List.of("", "", ""),
                        List.of(false, true, false)))
                .isEmpty();
    }

    @Test
    void saysTheCoachsOwnWordsAndTheUsualOnesBetween() {
        Rhythm rhythm = Rhythm.parse(Dance.FOXTROT, "S S Q Q");
        List<Boolean> steps = List.of(false, false, false, false);
        assertThat(CountLanguage.OWN.say(rhythm, Beats.ZERO, List.of("long", "", "short", "-"), steps))
                .contains(List.of("long", "S", "short", ""));
        assertThat(CountLanguage.OWN.say(rhythm, Beats.ZERO)).isEmpty();
        assertThat(CountLanguage.OWN.say(
                        Rhythm.parse(Dance.WALTZ, "1 2 3"),
                        Beats.ZERO,
                        List.of("down", "", ""),
                        List.of(false, false, false)))
                .contains(List.of("down", "2", "3"));
    }

    @Test
    void refusesALanguageNobodyCountsIn() {
        assertThatThrownBy(() -> CountLanguage.parse("latin")).hasMessageContaining("but was \"latin\"");
    }
}
