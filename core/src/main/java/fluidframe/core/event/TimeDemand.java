package fluidframe.core.event;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** It lasts as long as is asked for, danced again where that is possible. */
final class TimeDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        Event event = performance.event();
        if (event.leastSeconds() == 0 && event.mostSeconds() == 0) return Optional.empty();
        double seconds = performance.seconds();
        String asked = event.mostSeconds() == 0
                ? clock(event.leastSeconds()) + " or more"
                : clock(event.leastSeconds()) + " to " + clock(event.mostSeconds());
        boolean tooLong = event.mostSeconds() > 0 && Math.round(seconds) > event.mostSeconds();
        boolean again = performance.isDancedAgain();
        String detail = "It lasts " + clock(seconds) + "; " + asked + " is asked for.";
        if (again) {
            long times = (long) Math.ceil(event.leastSeconds() / seconds);
            detail += " Danced " + times + " times it lasts " + clock(times * seconds)
                    + ", and the music may end before that.";
        } else if (performance.isTooShort()) {
            detail += " It cannot be danced again from its end.";
        }
        return Performance.line("Time", !tooLong && (!performance.isTooShort() || again), detail, List.of());
    }

    /** Minutes and seconds, as {@code "1:45"}. */
    private static String clock(double seconds) {
        long whole = Math.round(seconds);
        return whole / 60 + ":" + String.format(Locale.ROOT, "%02d", whole % 60);
    }
}
