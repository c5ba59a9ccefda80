package fluidframe.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class CurveTest {
    private static Curve through(double... beatsAndValues) {
        Curve.Draft draft = new Curve.Draft();
        for (int i = 0; i < beatsAndValues.length; i += 2) draft.note(beatsAndValues[i], beatsAndValues[i + 1]);
        return draft.done();
    }

    @Test
    void goesThroughItsKnotsAndStaysBeforeAndAfterThem() {
        Curve curve = through(0, 1, 1, 3, 2.5, 2, 4, 2);
        assertThat(curve.at(0)).isEqualTo(1);
        assertThat(curve.at(1)).isEqualTo(3);
        assertThat(curve.at(2.5)).isEqualTo(2);
        assertThat(curve.at(-5)).isEqualTo(1);
        assertThat(curve.at(9)).isEqualTo(2);
    }

    @Test
    void whatStandsDoesNotCreep() {
        Curve curve = through(0, 0, 1, 0.7, 2, 0.7, 3, 0.1);
        for (double beat = 1; beat <= 2; beat += 0.01)
            assertThat(curve.at(beat)).isEqualTo(0.7, within(1e-12));
    }

    @Test
    void neverOvershootsWhateverTheKnots() {
        Random random = new Random(4);
        for (int round = 0; round < 200; round++) {
            Curve.Draft draft = new Curve.Draft();
            double beat = 0;
            for (int i = 0; i < 12; i++) draft.note(beat += 0.05 + random.nextDouble(), random.nextInt(5));
            Curve curve = draft.done();
            for (int i = 0; i + 1 < curve.knots().size(); i++) {
                Curve.Knot from = curve.knots().get(i);
                Curve.Knot to = curve.knots().get(i + 1);
                double least = Math.min(from.value(), to.value());
                double most = Math.max(from.value(), to.value());
                for (int part = 0; part <= 20; part++) {
                    double at = curve.at(from.beat() + part / 20.0 * (to.beat() - from.beat()));
                    assertThat(at).isBetween(least - 1e-9, most + 1e-9);
                }
            }
        }
    }

    @Test
    void fewerKnotsTellTheSame() {
        Curve.Draft draft = new Curve.Draft();
        for (int i = 0; i <= 400; i++) draft.note(i / 40.0, Math.sin(i / 40.0));
        Curve exact = draft.done();
        Curve fewer = draft.done(0.001);
        assertThat(fewer.knots().size()).isLessThan(exact.knots().size() / 2);
        for (double beat = 0; beat < 10; beat += 0.013) {
            assertThat(fewer.at(beat)).isEqualTo(exact.at(beat), within(0.002));
        }
    }
}
