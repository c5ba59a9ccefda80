package fluidframe.server.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.library.shipped.ShippedLibrary;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FigureSearchTest {
    private static final List<FigureListing> ALL =
            ShippedLibrary.load().stream().map(FigureListing::of).toList();

    private static List<String> found(String query) {
        FigureSearch search = FigureSearch.of(query);
        return search.closest(ALL.stream().filter(f -> search.matches(f.text())).toList()).stream()
                .map(f -> f.summary().id())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "turns left 1/4          | waltz.outside-change      | waltz.hesitation-change",
                "turns right 3/4         | waltz.natural-turn        | waltz.reverse-turn",
                "lady turns right        | waltz.whisk               | waltz.reverse-turn",
                "SQQ                     | foxtrot.three-step        | waltz.whisk",
                "SSQQ                    | american-tango.closed-basic | foxtrot.feather-step",
                "234&1                   | cha-cha.new-york          | rumba.new-york",
                "rumba fan               | rumba.fan                 | cha-cha.fan",
                "waltz whisk             | waltz.whisk               | samba.whisks",
                "lady heel turn          | waltz.closed-telemark     | waltz.natural-turn",
                "he pivots               | waltz.natural-spin-turn   | waltz.whisk",
                "starts in promenade     | waltz.chasse-from-promenade | waltz.natural-turn",
                "fan                     | rumba.fan                 | waltz.whisk"
            })
    void understandsWhatACoachWouldSay(String query, String wanted, String not) {
        assertThat(found(query)).as(query).contains(wanted).doesNotContain(not);
    }

    @Test
    void asksNothingOfTheStepsOfOrdinaryWords() {
        for (String words : List.of("as taught", "basic", "3/8", "heel turn", "no rise", "lady", "class")) {
            assertThat(StepQuery.of(words).rest()).isEqualTo(words);
        }
        assertThat(StepQuery.of("whisk turns to the left 1/4").rest()).isEqualTo("whisk");
    }
}
