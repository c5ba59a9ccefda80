package fluidframe.library.calendar;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * Writes entries of a calendar. An entry keeps its name from one file to the next and counts its versions, so that taking a newer
 * file in changes it rather than adding one; times are those of the wall clock in the zone given, which the file describes.
 */
public final class StudioCalendar {
    /**
     * An entry.
     *
     * @param id stays the same for the same thing
     * @param version counts its saves
     * @param at by the clock on the wall; empty for a whole day
     * @param savedAt when this state of it was made
     */
    public record Entry(
            String id,
            long version,
            LocalDate day,
            Optional<LocalDateTime> at,
            Duration length,
            String title,
            String where,
            String about,
            Instant savedAt) {}

    private StudioCalendar() {}

    public static String write(List<Entry> entries, ZoneId zone) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Fluid Frame//studio//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        TimeZoneRegistry zones = TimeZoneRegistryFactory.getInstance().createRegistry();
        Optional<TimeZone> described = Optional.ofNullable(zones.getTimeZone(zone.getId()));
        boolean timed = entries.stream().anyMatch(entry -> entry.at().isPresent());
        if (timed) described.ifPresent(known -> calendar.add(known.getVTimeZone()));
        for (Entry entry : entries) calendar.add(event(entry, zone, described.isPresent()));
        return calendar.toString();
    }

    private static VEvent event(Entry entry, ZoneId zone, boolean described) {
        VEvent event = entry.at()
                .map(at -> {
                    // A zone that the library does not describe is written as the instant it means.
                    var begins = at.atZone(zone);
                    return described
                            ? new VEvent(begins, begins.plus(entry.length()), entry.title())
                            : new VEvent(
                                    begins.toInstant(),
                                    begins.plus(entry.length()).toInstant(),
                                    entry.title());
                })
                .orElseGet(() -> new VEvent(entry.day(), entry.title()));
        event.replace(new DtStamp(entry.savedAt()));
        event.add(new Uid(entry.id() + "@fluidframe"));
        event.add(new Sequence((int) Math.min(entry.version(), Integer.MAX_VALUE)));
        if (!entry.where().isBlank()) event.add(new Location(entry.where()));
        if (!entry.about().isBlank()) event.add(new Description(entry.about()));
        return event;
    }
}
