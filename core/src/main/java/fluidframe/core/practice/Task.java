package fluidframe.core.practice;

import java.util.List;

/**
 * What the search is asked.
 *
 * @param capacity slots that each day has; every session takes one
 */
record Task(int[] capacity, List<Job> jobs) {
    int days() {
        return capacity.length;
    }

    /** The worth of all sessions together. */
    int worth(boolean[][] sessions) {
        int sum = 0;
        for (int i = 0; i < jobs.size(); i++) sum += jobs.get(i).worth(sessions[i]);
        return sum;
    }

    /** What each day has left; below 0 where it is overfull. */
    int[] left(boolean[][] sessions) {
        int[] left = capacity.clone();
        for (int i = 0; i < jobs.size(); i++) {
            for (int day = 0; day < left.length; day++) {
                if (sessions[i][day]) left[day]--;
            }
        }
        return left;
    }
}
