package fluidframe.core.practice;

import java.util.Arrays;

/**
 * The plan that is worth most. Every day has slots of equal length, and asks a price for them, so that each job is planned by
 * itself, exactly ({@link Chain}); the prices are moved until the days are no more than full. What the jobs then gain, with the
 * price of all the slots there are, is a bound that no plan exceeds. Where the bound and the best plan differ, one session is put
 * in or ruled out, and both cases are looked at in the same way: the result is then proven, unless the steps run out, and the
 * bound says what is left.
 */
final class Optimum {
    private static final int ROOT_STEPS = 400;
    private static final int STEPS = 24;
    /** So many days of single jobs are looked at before what is left is said instead of proven: two or three seconds. */
    private static final long ENOUGH = 90_000_000;

    private static final double EPSILON = 1e-6;

    private final Task task;
    private final int jobs;
    private final int days;
    private final Chain chain;
    private final byte[][] state;
    private final boolean[][] sessions;
    private boolean[][] best;
    private int worth;
    private double open = Double.NEGATIVE_INFINITY;
    private long looked;

    /**
     * A plan.
     *
     * @param sessions by job and day
     * @param worth in points
     * @param bound more than which no plan is worth
     */
    record Found(boolean[][] sessions, int worth, int bound) {
        boolean isProven() {
            return worth == bound;
        }
    }

    private Optimum(Task task) {
        this.task = task;
        jobs = task.jobs().size();
        days = task.days();
        chain = new Chain(days);
        state = new byte[jobs][days];
        sessions = new boolean[jobs][days];
        for (int i = 0; i < jobs; i++) {
            for (int day = 0; day < days; day++) {
                if (task.capacity()[day] == 0) state[i][day] = Chain.BARRED;
            }
        }
        best = Greedy.plan(task);
        worth = task.worth(best);
    }

    static Found of(Task task) {
        Optimum search = new Optimum(task);
        search.improve(copy(search.best));
        search.branch(new double[search.days], ROOT_STEPS);
        int bound = (int) Math.floor(Math.max(search.worth, search.open) + EPSILON);
        return new Found(search.best, search.worth, bound);
    }

    private void branch(double[] from, int steps) {
        double[] price = from.clone();
        double[] lowest = from.clone();
        double bound = Double.POSITIVE_INFINITY;
        double pace = 1;
        int worse = 0;
        for (int step = 0; step < steps; step++) {
            double value = relaxed(price);
            int[] left = task.left(sessions);
            if (value < bound - EPSILON) {
                bound = value;
                lowest = price.clone();
                worse = 0;
            } else if (++worse % 10 == 0) pace /= 2;
            if (step < 3 || step % 12 == 0) improve(repaired(left));
            if (Math.floor(bound + EPSILON) <= worth) return;
            if (looked > ENOUGH && step > 0) break;
            double length = 0;
            for (int day = 0; day < days; day++) {
                if (left[day] < 0 || price[day] > 0) length += (double) left[day] * left[day];
            }
            if (length == 0) break;
            double stride = pace * (value - worth) / length;
            for (int day = 0; day < days; day++) price[day] = Math.max(0, price[day] - stride * left[day]);
        }
        if (looked > ENOUGH) {
            open = Math.max(open, bound);
            return;
        }
        relaxed(lowest);
        int[] choice = choice(lowest);
        if (choice == null) {
            open = Math.max(open, bound);
            return;
        }
        byte was = state[choice[0]][choice[1]];
        boolean on = sessions[choice[0]][choice[1]];
        state[choice[0]][choice[1]] = on ? Chain.BARRED : Chain.FORCED;
        boolean first = fits(choice[1]);
        if (first) branch(lowest, STEPS);
        state[choice[0]][choice[1]] = on ? Chain.FORCED : Chain.BARRED;
        if (fits(choice[1])) branch(lowest, STEPS);
        state[choice[0]][choice[1]] = was;
    }

    /** Whether what is forced on a day has room there. */
    private boolean fits(int day) {
        int left = task.capacity()[day];
        for (int i = 0; i < jobs; i++) {
            if (state[i][day] == Chain.FORCED) left--;
        }
        return left >= 0;
    }

    private double relaxed(double[] price) {
        double value = 0;
        looked += (long) jobs * days;
        for (int day = 0; day < days; day++) value += price[day] * task.capacity()[day];
        for (int i = 0; i < jobs; i++) value += chain.solve(task.jobs().get(i), price, state[i], sessions[i]);
        return value;
    }

    /** A session still open on the day on which the prices are most wrong; null if there is none. */
    private int[] choice(double[] price) {
        int[] left = task.left(sessions);
        int[] chosen = null;
        double most = EPSILON;
        for (int day = 0; day < days; day++) {
            double wrong = left[day] < 0 ? -left[day] * (price[day] + 1) : left[day] * price[day];
            if (wrong <= most) continue;
            int job = undecided(day, left[day] < 0);
            if (job < 0) continue;
            most = wrong;
            chosen = new int[] {job, day};
        }
        if (chosen != null) return chosen;
        for (int day = 0; day < days; day++) {
            int job = undecided(day, false);
            if (job >= 0) return new int[] {job, day};
        }
        return null;
    }

    /** The first job that may or may not be done on a day, and is or is not. */
    private int undecided(int day, boolean done) {
        for (int i = 0; i < jobs; i++) {
            if (state[i][day] == Chain.FREE && sessions[i][day] == done) return i;
        }
        return -1;
    }

    /** The relaxed plan with sessions taken out of overfull days, those first that are missed least. */
    private boolean[][] repaired(int[] relaxedLeft) {
        boolean[][] plan = copy(sessions);
        int[] left = relaxedLeft.clone();
        for (int day = 0; day < days; day++) {
            while (left[day] < 0) {
                int least = -1;
                int loss = Integer.MAX_VALUE;
                for (int i = 0; i < jobs; i++) {
                    if (!plan[i][day]) continue;
                    Job job = task.jobs().get(i);
                    int with = job.worth(plan[i]);
                    plan[i][day] = false;
                    int lost = with - job.worth(plan[i]);
                    plan[i][day] = true;
                    if (lost < loss) {
                        loss = lost;
                        least = i;
                    }
                }
                plan[least][day] = false;
                left[day]++;
            }
        }
        return plan;
    }

    /** Plans one job after the other anew in the time that the others leave, while that gains anything. */
    private void improve(boolean[][] plan) {
        int[] left = task.left(plan);
        double[] gratis = new double[days];
        byte[] room = new byte[days];
        boolean[] on = new boolean[days];
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < jobs; i++) {
                Job job = task.jobs().get(i);
                for (int day = 0; day < days; day++) {
                    int there = left[day] + (plan[i][day] ? 1 : 0);
                    room[day] = there > 0 ? Chain.FREE : Chain.BARRED;
                }
                int had = job.worth(plan[i]);
                if (chain.solve(job, gratis, room, on) <= had + EPSILON) continue;
                better = true;
                for (int day = 0; day < days; day++) {
                    left[day] += (plan[i][day] ? 1 : 0) - (on[day] ? 1 : 0);
                    plan[i][day] = on[day];
                }
            }
        }
        int reached = task.worth(plan);
        if (reached <= worth) return;
        worth = reached;
        best = copy(plan);
    }

    private static boolean[][] copy(boolean[][] plan) {
        return Arrays.stream(plan).map(boolean[]::clone).toArray(boolean[][]::new);
    }
}
