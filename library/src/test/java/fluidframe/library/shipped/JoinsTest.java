package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.FigureUse;
import fluidframe.core.link.Condition;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Repertoire;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Joins of which a teacher is sure, each with the reason that the technique gives. Whether one that holds takes an adjustment
 * was noted down from the program and then thought through. A figure is named by its id, then {@code @} and a part, {@code ~}
 * and a variant, or {@code +} if it begins on the other foot.
 */
class JoinsTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(ShippedLibrary.load());

    @ParameterizedTest(name = "{0} then {1}: {3}")
    @CsvFileSource(resources = "/joins-that-hold.csv")
    void canBeDanced(String before, String after, String verdict, String why) {
        Link link = best(before, after);
        assertThat(verdict(link)).as(why + ", but " + link.obstacles()).isEqualTo(verdict);
    }

    @ParameterizedTest(name = "{0} then {1}: {3}")
    @CsvFileSource(resources = "/joins-that-do-not.csv")
    void cannotBeDanced(String before, String after, String obstacle, String why) {
        Link link = best(before, after);
        assertThat(verdict(link)).as(why).isEqualTo("no");
        assertThat(link.obstacles())
                .as(why)
                .extracting(condition -> condition.kind().toString())
                .contains(obstacle);
        assertThat(link.obstacles()).extracting(Condition::reason).noneMatch(String::isBlank);
    }

    private static String verdict(Link link) {
        return link.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Link best(String before, String after) {
        return Customary.best(List.of(danced(before)), List.of(danced(after)));
    }

    private static Danceable danced(String way) {
        String[] named = way.split("(?=[@~+])", 2);
        FigureUse use = FigureUse.WHOLE;
        if (named.length == 2) {
            String which = named[1].substring(1);
            switch (named[1].charAt(0)) {
                case '@' -> use = FigureUse.ofPart(which);
                case '~' -> use = FigureUse.ofVariant(which);
                default -> use = FigureUse.WHOLE.repeated(1, true);
            }
        }
        return REPERTOIRE.find(named[0], use).orElseThrow(() -> new AssertionError("There is no " + way));
    }
}
