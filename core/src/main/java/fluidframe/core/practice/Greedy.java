package fluidframe.core.practice;

/** The plan somebody makes who fills day after day with what is worth most at that moment. */
final class Greedy {
    private Greedy() {}

    static boolean[][] plan(Task task) {
        int jobs = task.jobs().size();
        boolean[][] sessions = new boolean[jobs][task.days()];
        int[] last = new int[jobs];
        for (int i = 0; i < jobs; i++) last[i] = -task.jobs().get(i).since();
        for (int day = 0; day < task.days(); day++) {
            int left = task.capacity()[day];
            for (int next = best(task, day, left, last, sessions);
                    next >= 0;
                    next = best(task, day, left, last, sessions)) {
                sessions[next][day] = true;
                last[next] = day;
                left--;
            }
        }
        return sessions;
    }

    private static int best(Task task, int day, int left, int[] last, boolean[][] sessions) {
        int best = -1;
        if (left == 0) return best;
        int most = 0;
        for (int i = 0; i < last.length; i++) {
            Job job = task.jobs().get(i);
            if (sessions[i][day]) continue;
            int worth = job.worth(day, day - last[i]);
            if (worth > most) {
                most = worth;
                best = i;
            }
        }
        return best;
    }
}
