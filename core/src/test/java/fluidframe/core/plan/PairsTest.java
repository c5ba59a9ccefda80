package fluidframe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PairsTest {
    private static int plain(List<Integer> figures, Pairs.Pair pair) {
        int times = 0;
        for (int i = 3; i < figures.size(); i++) {
            if (figures.subList(i - 3, i + 1).equals(List.of(pair.one(), pair.other(), pair.one(), pair.other())))
                times++;
        }
        return times;
    }

    @Test
    void countsEveryPairDancedAgainAsLookingBackDoes() {
        List<Pairs.Pair> watched = List.of(new Pairs.Pair(0, 1), new Pairs.Pair(1, 0), new Pairs.Pair(2, 0));
        Pairs pairs = new Pairs(watched);
        Random random = new Random(5);
        int all = 0;
        for (int round = 0; round < 500; round++) {
            List<Integer> figures = new ArrayList<>();
            int state = 0;
            int counted = 0;
            for (int i = 0; i < 12; i++) {
                int figure = random.nextInt(3);
                counted += pairs.again(state, figure);
                state = pairs.after(state, figure);
                assertThat(state).isBetween(0, pairs.size() - 1);
                figures.add(figure);
            }
            int expected =
                    watched.stream().mapToInt(pair -> plain(figures, pair)).sum();
            assertThat(counted).as(figures.toString()).isEqualTo(expected);
            all += expected;
        }
        assertThat(all).isPositive();
    }
}
