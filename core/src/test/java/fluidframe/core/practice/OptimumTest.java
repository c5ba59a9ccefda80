package fluidframe.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OptimumTest {
    private static final Purpose[] PURPOSES = {Purpose.NEW, Purpose.WEAK, Purpose.WEAK, Purpose.KEEP, Purpose.RUN};

    @Test
    void ofSmallTasksItIsWhatTryingEveryPlanGives() {
        for (int seed = 0; seed < 120; seed++) {
            Random random = new Random(seed);
            Task task = task(random, 1 + seed % 3, 3 + seed % 4, 2);
            Optimum.Found found = Optimum.of(task);
            assertThat(found.worth()).as("seed %d", seed).isEqualTo(best(task));
            assertThat(found.isProven()).as("seed %d", seed).isTrue();
            assertThat(task.worth(found.sessions())).isEqualTo(found.worth());
        }
    }

    @Test
    void ofFiftyCouplesItIsNeverWorseThanFillingDayAfterDay() {
        int better = 0;
        for (int seed = 0; seed < 50; seed++) {
            Random random = new Random(1000 + seed);
            Task task = task(random, 4 + seed % 12, 10 + seed % 33, 5);
            Optimum.Found found = Optimum.of(task);
            int greedy = task.worth(Greedy.plan(task));
            assertThat(found.worth()).as("seed %d", seed).isBetween(greedy, found.bound());
            for (int left : task.left(found.sessions())) assertThat(left).isNotNegative();
            if (found.worth() > greedy) better++;
            assertThat(found.isProven()).as("seed %d", seed).isTrue();
        }
        assertThat(better).isGreaterThan(25);
    }

    @Test
    void nothingToPractiseAndNoTimeAreNoTrouble() {
        assertThat(Optimum.of(new Task(new int[] {3, 3}, List.of())).worth()).isZero();
        assertThat(Optimum.of(task(new Random(1), 3, 0, 2)).worth()).isZero();
        Task full = task(new Random(1), 3, 4, 2);
        assertThat(Optimum.of(new Task(new int[4], full.jobs())).worth()).isZero();
    }

    /** Of a made-up couple: what it works on, and slots on most of its days. */
    private static Task task(Random random, int jobs, int days, int most) {
        int[] capacity = random.ints(days, 0, most + 1).toArray();
        List<Job> list = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            Purpose purpose = PURPOSES[random.nextInt(PURPOSES.length)];
            int need = 1 + random.nextInt(10);
            int[][] worth = new int[days][purpose.ideal() + 1];
            for (int day = 0; day < days; day++) {
                worth[day][0] = -1;
                for (int gap = 1; gap <= purpose.ideal(); gap++) {
                    double missing = 1 - (double) gap / purpose.ideal();
                    worth[day][gap] = (int) Math.round(2 * need * (1 - missing * missing) * purpose.season(days - day));
                }
            }
            list.add(new Job(purpose.ideal(), random.nextInt(purpose.ideal() + 1), worth));
        }
        return new Task(capacity, list);
    }

    private static int best(Task task) {
        int bits = task.jobs().size() * task.days();
        int best = 0;
        for (int plan = 0; plan < 1 << bits; plan++) {
            boolean[][] sessions = new boolean[task.jobs().size()][task.days()];
            for (int bit = 0; bit < bits; bit++) {
                sessions[bit / task.days()][bit % task.days()] = (plan >> bit & 1) == 1;
            }
            boolean fits = true;
            for (int left : task.left(sessions)) fits &= left >= 0;
            if (fits) best = Math.max(best, task.worth(sessions));
        }
        return best;
    }
}
