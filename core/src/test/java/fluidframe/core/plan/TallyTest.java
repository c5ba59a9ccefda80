package fluidframe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import org.junit.jupiter.api.Test;

class TallyTest {
    @Test
    void staysExactBeyondALongNumber() {
        Tally tally = new Tally();
        tally.add(Tally.ONE);
        for (int doubled = 0; doubled < 100; doubled++) {
            Tally twice = new Tally();
            twice.add(tally);
            twice.add(tally);
            tally = twice;
        }
        assertThat(tally.value()).isEqualTo(BigInteger.TWO.pow(100));
        tally.add(Tally.ONE);
        assertThat(tally.value()).isEqualTo(BigInteger.TWO.pow(100).add(BigInteger.ONE));
        assertThat(Tally.ONE.value()).isEqualTo(BigInteger.ONE);
    }
}
