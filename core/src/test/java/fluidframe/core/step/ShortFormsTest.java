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
                .hasMessageContaining("must be one of ")
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
    @CsvSource({"l, L", "to R, R", "left a  little, L a little", "'R, FULL', R full", "none, straight"})
    void readsASwayAndHowMuchOfIt(String text, String canonical) {
        assertThat(Sway.parse(text)).hasToString(canonical).isEqualTo(Sway.parse(canonical));
        assertThat(Sway.parse(text).mirrored().mirrored()).isEqualTo(Sway.parse(canonical));
    }

    @Test
    void refusesASwayThatIsNone() {
        assertThatThrownBy(() -> Sway.parse("sideways"))
                .hasMessage("A sway must be straight, L or R, then a little, half or full if it is to be said, but was"
                        + " \"sideways\"");
        assertThatThrownBy(() -> Sway.parse("straight a little")).hasMessageContaining("must be straight");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "left                       | L                       | R",
                "To partner, r on 3         | to partner, R on 3      | to partner, L on 3",
                "spot dw                    | spot DW                 | spot DC",
                "spot LOD & before 2, ahead | spot LOD & before 2, ahead | spot LOD & before 2, ahead",
                "-                          | none                    | none"
            })
    void readsWhereAHeadLooks(String text, String canonical, String mirrored) {
        HeadDesign head = HeadDesign.parse(text);
        assertThat(head).hasToString(canonical).isEqualTo(HeadDesign.parse(canonical));
        assertThat(head.mirrored()).hasToString(mirrored);
    }

    @Test
    void refusesALookThatIsNone() {
        assertThatThrownBy(() -> HeadDesign.parse("up")).hasMessageContaining("but was \"up\"");
        assertThatThrownBy(() -> HeadDesign.parse("spot")).hasMessageContaining("but was \"spot\"");
        assertThatThrownBy(() -> HeadDesign.parse("spot upstairs")).hasMessageContaining("upstairs");
        assertThatThrownBy(() -> HeadDesign.parse("L, R, L, R, L")).hasMessageContaining("at most 4 looks");
    }

    @ParameterizedTest
    @CsvSource({
        "ht, HT",
        "T H T, THT",
        "I/E of T, IE T",
        "IE WF, IE WF",
        "OE H T, OE H T",
        "wf, WF",
        "IE, IE WF",
        "inside edge of the toe, IE T",
        "ball then flat, BF",
        "outer edge of foot, OE WF",
        "heel toe, HT"
    })
    void readsFootwork(String text, String canonical) {
        assertThat(Footwork.parse(text)).hasToString(canonical).isEqualTo(Footwork.parse(canonical));
    }

    @ParameterizedTest
    @CsvSource({"X", "H-T", "HTHTHTH", "IE IE", "heels", "upper edge of toe"})
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
