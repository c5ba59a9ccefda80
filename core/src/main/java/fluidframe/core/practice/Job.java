package fluidframe.core.practice;

/**
 * A matter as the search sees it.
 *
 * @param ideal gap in days after which a session is worth most, at least 1
 * @param since days from its last session to the first day of the plan, 0 if it is done on that day already;
 *     {@code ideal} where it was never done
 * @param worth points of a session by day, and by the gap up to {@code ideal}
 */
record Job(int ideal, int since, int[][] worth) {
    int worth(int day, int gap) {
        return worth[day][Math.min(gap, ideal)];
    }

    /** What its sessions on these days are worth together. */
    int worth(boolean[] on) {
        int sum = 0;
        int last = -since;
        for (int day = 0; day < on.length; day++) {
            if (!on[day]) continue;
            sum += worth(day, day - last);
            last = day;
        }
        return sum;
    }
}
