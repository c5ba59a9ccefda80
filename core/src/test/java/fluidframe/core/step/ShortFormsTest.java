package fluidframe.core.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Direction;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ShortFormsTest {
    private static Arguments set(Object[] constants, Function<String, ?> parse) {
        return Arguments.of(constants, parse);
    }

    static Stream<Arguments> closedSets() {
        return Stream.of(
                set(Foot.values(), Foot::parse),
                set(Weight.values(), Weight::parse),
                set(ContraBody.values(), ContraBody::parse),
                set(Sway.values(), Sway::parse),
                set(CouplePosition.values(), CouplePosition::parse),
                set(Hold.values(), Hold::parse));
    }

    @ParameterizedTest
    @MethodSource("closedSets")
    void everyConstantReadsWhatItPrintsAndOthersAreRefusedWithTheList(Object[] constants, Function<String, ?> parse) {
        for (Object constant : constants)
            assertThat((Object) parse.apply(constant.toString())).isSameAs(constant);
        assertThatThrownBy(() -> parse.apply("sideways"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must be one of " + constants[0])
                .hasMessageEndingWith("but was \"sideways\"");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "RF forward in CBMP outside partner | RF forward in CBMP outside partner",
                "r f cbmp op                        | RF forward in CBMP outside partner",
                "lf b po cbmp                       | LF back in CBMP partner outside",
                "left side and slightly back        | LF side and slightly back",
                "RF small side                      | RF side small",
                "L c no weight                      | LF closes without weight"
            })
    void saysAFootAndItsPlaceInOneBreath(String text, String canonical) {
        assertThat(FootPlacement.parse(text)).hasToString(canonical).isEqualTo(FootPlacement.parse(canonical));
    }

    @Test
    void roundTripsEveryPlacementAndKnowsItsCodes() {
        for (Placement.Kind kind : Placement.Kind.values()) {
            assertThat(Placement.parse(kind.toString()).kind()).isSameAs(kind);
            assertThat(Placement.parse(kind.code()).kind()).isSameAs(kind);
            for (Placement.Qualifier qualifier : Placement.Qualifier.values()) {
                Placement placement = Placement.parse(kind + " " + qualifier);
                assertThat(Placement.parse(placement.toString())).isEqualTo(placement);
                assertThat(placement.has(qualifier)).isTrue();
            }
        }
        assertThatThrownBy(() -> Placement.parse("forward outside partner partner outside"))
                .hasMessageContaining("not both");
        assertThatThrownBy(() -> FootPlacement.parse("forward"))
                .hasMessageStartingWith("A step must begin with LF or RF");
    }

    @ParameterizedTest
    @CsvSource({"ht, HT", "T H T, THT", "I/E of T, IE T", "IE WF, IE WF", "OE H T, OE H T", "wf, WF"})
    void readsFootwork(String text, String canonical) {
        assertThat(Footwork.parse(text)).hasToString(canonical).isEqualTo(Footwork.parse(canonical));
    }

    @ParameterizedTest
    @CsvSource({"X", "H-T", "HTHTHTH", "IE", "heel"})
    void refusesOtherFootwork(String text) {
        assertThatThrownBy(() -> Footwork.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rise e/o, nfr       | commence at end, NFR   | false | true",
                "continue            | continue               | true  | true",
                "lower e/o, continue | continue, lower at end | true  | false",
                "none                | none                   | false | false"
            })
    void tellsTheLevelDuringAndAfterARowBegunDown(String text, String canonical, boolean during, boolean after) {
        RiseFall rise = RiseFall.parse(text);
        assertThat(rise).hasToString(canonical);
        assertThat(rise.isUpDuring(false)).isEqualTo(during);
        assertThat(rise.isUpAfter(false)).isEqualTo(after);
        assertThatThrownBy(() -> RiseFall.parse("jump")).hasMessageContaining("but was \"jump\"");
    }

    @Test
    void measuresHowFarACoupleIsFromItsPosition() {
        Direction man = Direction.parse("DW");
        assertThat(CouplePosition.CLOSED.misfit(man, man.opposite())).isZero();
        assertThat(CouplePosition.CLOSED.misfit(man, man.plus(6))).isEqualTo(2);
        assertThat(CouplePosition.PROMENADE.misfit(man, man.plus(-4))).isZero();
        assertThat(CouplePosition.PROMENADE.misfit(man, man.plus(-2))).isZero();
        assertThat(CouplePosition.PROMENADE.misfit(man, man)).isEqualTo(2);
        for (CouplePosition position : CouplePosition.values()) {
            for (int s = 0; s < 16; s++) {
                Direction turned = new Direction(s);
                assertThat(position.misfit(turned, turned.plus(position.from())))
                        .isZero();
            }
        }
    }
}
