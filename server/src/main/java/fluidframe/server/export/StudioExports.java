package fluidframe.server.export;

import fluidframe.core.chart.Chart;
import fluidframe.core.event.EventTerms;
import fluidframe.core.lesson.Item;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.practice.Practice;
import fluidframe.core.routine.Routine;
import fluidframe.library.calendar.StudioCalendar;
import fluidframe.library.exchange.Export;
import fluidframe.library.exchange.Exports;
import fluidframe.library.practice.PracticeCalendar;
import fluidframe.library.text.Format;
import fluidframe.server.card.PracticeCards;
import fluidframe.server.handout.Pictures;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Every format of every kind. */
@Service
public class StudioExports {
    private static final Set<Kind> SHEETS =
            EnumSet.of(Kind.FIGURE, Kind.ROUTINE, Kind.LESSON, Kind.PRACTICE, Kind.CLASS);
    private static final Set<Kind> CARDS = EnumSet.of(Kind.FIGURE, Kind.ROUTINE, Kind.PRACTICE);

    /** A file to take away. */
    public record File(String name, String mediaType, byte[] bytes) {}

    /** Something kept, or a chart as it ships. */
    private record Found<T>(String id, String name, T value, long version, Instant savedAt) {}

    private final Map<Kind, Documents<?, ?>> documents;
    private final FigureShelf shelf;
    private final RoutineDesk desk;
    private final Pictures pictures;
    private final PracticeCards cards;
    private final Clock clock;

    StudioExports(
            List<Documents<?, ?>> documents,
            FigureShelf shelf,
            RoutineDesk desk,
            Pictures pictures,
            PracticeCards cards,
            Clock clock) {
        this.documents =
                documents.stream().collect(Collectors.toMap(all -> all.traits().kind(), Function.identity()));
        this.shelf = shelf;
        this.desk = desk;
        this.pictures = pictures;
        this.cards = cards;
        this.clock = clock;
    }

    List<Offer> offers(Kind kind, String id) {
        return formats(kind, id, documents.get(kind));
    }

    private <T> List<Offer> formats(Kind kind, String id, Documents<T, ?> all) {
        return exports(kind, find(id, all), all.traits().format()).stream()
                .map(export -> new Offer(export.format(), export.title()))
                .toList();
    }

    /** Refuses a format that there is not of this kind. */
    public File file(Kind kind, String id, String format) {
        return file(kind, id, format, documents.get(kind));
    }

    private <T> File file(Kind kind, String id, String format, Documents<T, ?> all) {
        Found<T> found = find(id, all);
        List<Export<T>> exports = exports(kind, found, all.traits().format());
        Export<T> export = exports.stream()
                .filter(one -> one.format().equals(format))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A " + kind + " is given out as one of "
                        + exports.stream().map(Export::format).collect(Collectors.joining(", "))
                        + ", but was wanted as \""
                        + format + "\""));
        String name = found.name().replaceAll("[^\\p{L}\\p{N} ,.'-]+", " ").strip();
        return new File(
                (name.isEmpty() ? kind.toString() : name) + "." + format,
                export.mediaType(),
                export.write(id, found.value()));
    }

    private <T> Found<T> find(String id, Documents<T, ?> all) {
        Optional<Document<T>> kept = all.find(id);
        if (kept.isEmpty() && all.traits().kind() == Kind.FIGURE) {
            @SuppressWarnings("unchecked")
            Optional<T> shipped = (Optional<T>) shelf.shipped(id);
            if (shipped.isPresent())
                return new Found<>(id, all.traits().name(shipped.get()), shipped.get(), 0, Instant.EPOCH);
        }
        Document<T> document = kept.orElseGet(() -> all.get(id));
        return new Found<>(
                id, all.traits().name(document.value()), document.value(), document.version(), document.savedAt());
    }

    @SuppressWarnings("unchecked")
    private <T> List<Export<T>> exports(Kind kind, Found<T> found, Format<T> format) {
        List<Export<T>> exports = new ArrayList<>(List.of(Exports.yaml(format), Exports.json(format)));
        own(kind, found).forEach(one -> exports.add((Export<T>) one));
        if (SHEETS.contains(kind)) {
            exports.add(Export.of(
                    "pdf", "Sheet as a PDF", "application/pdf", (id, value) -> pictures.pdf(kind.toString(), id)));
            exports.add(Export.of(
                    "png", "Sheet as a picture", "image/png", (id, value) -> pictures.sheet(kind.toString(), id)));
        }
        if (CARDS.contains(kind)) {
            exports.add(Export.of(
                    "html",
                    "Practice card for a phone",
                    "text/html",
                    (id, value) -> cards.card(kind.toString(), id, PracticeCards.Wording.USUAL)
                            .page()));
        }
        return exports;
    }

    private List<? extends Export<?>> own(Kind kind, Found<?> found) {
        return switch (kind) {
            case FIGURE ->
                List.of(
                        Exports.ROWS,
                        Export.<Chart>of(
                                "svg", "Drawing of the feet", "image/svg+xml", (id, chart) -> pictures.feet(chart)));
            case ROUTINE ->
                List.of(Export.<Routine>of(
                        "mid", "MIDI file to practise with", "audio/midi", (id, routine) -> desk.midi(routine)));
            case SONG -> List.of(Exports.MIDI, Exports.PLAYED);
            case LESSON -> List.of(this.<Lesson>calendar(found, StudioExports::lesson));
            case EVENT ->
                ((EventTerms) found.value()).date().isPresent()
                        ? List.of(this.<EventTerms>calendar(found, StudioExports::event))
                        : List.of();
            case PRACTICE ->
                List.of(Export.<Practice>of(
                        "ics",
                        "For a calendar",
                        "text/calendar",
                        (id, practice) -> PracticeCalendar.write(id, practice, today(), found.savedAt())
                                .getBytes(StandardCharsets.UTF_8)));
            default -> List.of();
        };
    }

    /** Ids of everything kept of a kind. */
    public List<String> ids(Kind kind) {
        return documents.get(kind).saved().keySet().stream().sorted().toList();
    }

    private LocalDate today() {
        return LocalDate.now(clock.withZone(ZoneId.systemDefault()));
    }

    private <T> Export<T> calendar(Found<?> found, Function<Found<T>, StudioCalendar.Entry> entry) {
        return Export.of("ics", "For a calendar", "text/calendar", (id, value) -> {
            Found<T> here = new Found<>(id, found.name(), value, found.version(), found.savedAt());
            return ics(List.of(entry.apply(here)));
        });
    }

    private static byte[] ics(List<StudioCalendar.Entry> entries) {
        return StudioCalendar.write(entries, ZoneId.systemDefault()).getBytes(StandardCharsets.UTF_8);
    }

    private static StudioCalendar.Entry lesson(Found<Lesson> found) {
        Lesson lesson = found.value();
        String about = lesson.items().stream()
                .map(Item::name)
                .filter(name -> !name.isBlank())
                .distinct()
                .collect(Collectors.joining(", "));
        return new StudioCalendar.Entry(
                "lesson-" + found.id(),
                found.version(),
                lesson.at().toLocalDate(),
                Optional.of(lesson.at()),
                Duration.ofMinutes(lesson.minutes()),
                "Lesson, " + lesson.with().name(),
                lesson.where(),
                about,
                found.savedAt());
    }

    private static StudioCalendar.Entry event(Found<EventTerms> found) {
        return new StudioCalendar.Entry(
                "event-" + found.id(),
                found.version(),
                found.value().date().orElseThrow(() -> new NotFoundException("The day of this event is not known")),
                Optional.empty(),
                Duration.ofDays(1),
                found.value().name(),
                "",
                found.value().note(),
                found.savedAt());
    }
}
