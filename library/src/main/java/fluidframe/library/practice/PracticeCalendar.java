package fluidframe.library.practice;

import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * A plan of practice as a calendar file (RFC 5545): a whole day for each day of practice, since the plan knows no hours, and one for
 * the event. A day keeps its name from one file to the next, so that taking a newer file in changes it rather than adding one.
 */
public final class PracticeCalendar {
    /** A role in the words of a chart. */
    private static final Pattern ROLE = Pattern.compile("\\{([a-zA-Z]+)}");

    private PracticeCalendar() {}

    /**
     * Writes the days from one on.
     *
     * @param id of the plan
     * @param made when this state of it was made
     */
    public static String write(String id, Practice practice, LocalDate from, Instant made) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Fluid Frame//practice//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (PracticeDay day : practice.days()) {
            if (day.date().isBefore(from) || day.work().isEmpty()) continue;
            String what = day.work().stream().map(Part::name).distinct().collect(Collectors.joining(", "));
            List<String> lines =
                    day.parts().stream().map(PracticeCalendar::line).toList();
            calendar.add(event(
                    id + "-" + day.date(),
                    day.date(),
                    "Practice, " + day.minutes() + " min: " + what,
                    String.join("\n", lines),
                    made));
        }
        calendar.add(event(
                id + "-event",
                practice.aim().day(),
                practice.aim().name(),
                practice.with().name() + " have practised for this.",
                made));
        return calendar.toString();
    }

    private static VEvent event(String uid, LocalDate day, String summary, String description, Instant made) {
        VEvent event = new VEvent(day, summary);
        event.replace(new DtStamp(made));
        event.add(new Uid(uid + "@fluidframe"));
        event.add(new Description(description));
        return event;
    }

    private static String line(Part part) {
        String name = part.name().isEmpty() ? part.purpose().title() : part.name();
        return part.minutes() + " min " + name + tempo(part) + ": "
                + ROLE.matcher(part.why()).replaceAll("$1");
    }

    private static String tempo(Part part) {
        if (part.to().isEmpty()) return "";
        double from = part.from().getAsDouble();
        double to = part.to().getAsDouble();
        return from == to
                ? ", " + number(to) + " bars a minute"
                : ", " + number(from) + " to " + number(to) + " bars a minute";
    }

    private static String number(double tempo) {
        return tempo == Math.rint(tempo) ? String.valueOf((long) tempo) : String.valueOf(tempo);
    }
}
