package fluidframe.server.card;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Danceable;
import fluidframe.core.motion.Motion;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.core.routine.Routine;
import fluidframe.library.shipped.Bands;
import fluidframe.server.card.CardPayload.Piece;
import fluidframe.server.card.CardPayload.Task;
import fluidframe.server.handout.RoleWords;
import fluidframe.server.motion.BandView;
import fluidframe.server.motion.Motions;
import fluidframe.server.practice.PracticeView;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;

/** Makes practice cards of a figure, a routine or a week of a plan. */
@Service
public class PracticeCards {
    /** The largest card, in bytes: as a picture that one sends by phone. */
    static final int MOST_BYTES = 1_500_000;

    private static final int WEEK = 7;
    private static final String EMPTY = "<script type=\"application/octet-stream\" id=\"payload\">";
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    /** How it is counted and what the roles are called. */
    public record Wording(Optional<CountLanguage> count, RoleWords roles) {
        /** As charted. */
        public static final Wording USUAL = new Wording(Optional.empty(), RoleWords.MAN_AND_LADY);
    }

    /** A card and what its file is called. */
    public record Card(String name, byte[] page) {}

    private final FigureShelf shelf;
    private final Documents<Routine, RoutineSummary> routines;
    private final Documents<Practice, PracticeView.PracticeSummary> practices;
    private final Motions motions;
    private final ObjectMapper mapper;
    private final Clock clock;

    PracticeCards(
            FigureShelf shelf,
            Documents<Routine, RoutineSummary> routines,
            Documents<Practice, PracticeView.PracticeSummary> practices,
            Motions motions,
            ObjectMapper mapper,
            Clock clock) {
        this.shelf = shelf;
        this.routines = routines;
        this.practices = practices;
        this.motions = motions;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** @param kind figure, routine or practice */
    public Card card(String kind, String id, Wording wording) {
        if (kind.equals("practice")) return ofPractice(practices.get(id).value(), wording);
        Piece piece = piece(kind, id, wording)
                .orElseThrow(() -> new NotFoundException("There is no " + kind + " \"" + id + "\" to be danced"));
        String whom = kind.equals("routine") ? routines.get(id).value().couple() : "";
        return made(piece.name(), whom, List.of(), List.of(piece), List.of(), wording);
    }

    private Optional<Piece> piece(String kind, String id, Wording wording) {
        return switch (kind) {
            case "figure" ->
                shelf.repertoire()
                        .chart(id)
                        .map(chart -> new Piece(
                                chart.identity().name(),
                                motions.figure(
                                        Danceable.of(chart, FigureUse.WHOLE), wording.count(), Motion.Couple.USUAL)));
            case "routine" ->
                routines.find(id)
                        .map(routine -> new Piece(
                                routine.value().name(),
                                motions.routine(routine.value(), wording.count(), Motion.Couple.USUAL)
                                        .withoutRecording()));
            case "drill", "" -> Optional.empty();
            default ->
                throw new IllegalArgumentException(
                        "A practice card is made of a figure, a routine or a practice, but was wanted of a \"" + kind
                                + "\"");
        };
    }

    private LocalDate today() {
        return LocalDate.now(clock.withZone(ZoneId.systemDefault()));
    }

    private Card ofPractice(Practice practice, Wording wording) {
        List<Piece> pieces = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        Map<String, Optional<Integer>> known = new HashMap<>();
        List<Task> tasks = new ArrayList<>();
        long size = template().length();
        for (PracticeDay day : practice.days()) {
            if (day.date().isBefore(today()) || !day.date().isBefore(today().plusDays(WEEK))) continue;
            for (Part part : day.work()) {
                String key = part.kind() + " " + part.id();
                if (!known.containsKey(key)) {
                    Optional<Piece> piece = piece(part.kind(), part.id(), wording);
                    long more = piece.map(one -> packed(one).length()).orElse(0);
                    if (piece.isPresent() && size + more < MOST_BYTES) {
                        known.put(key, Optional.of(pieces.size()));
                        pieces.add(piece.get());
                        size += more;
                    } else {
                        known.put(key, Optional.empty());
                        if (piece.isPresent()) leftOut.add(part.name());
                    }
                }
                tasks.add(new Task(
                        tasks.size() + " " + day.date() + " " + key,
                        day.date().toString(),
                        part.name().isEmpty() ? part.purpose().title() : part.name(),
                        part.minutes(),
                        wording.roles().say(part.why()),
                        boxed(part.from()),
                        boxed(part.to()),
                        known.get(key)));
            }
        }
        return made(
                practice.with().name() + ", " + practice.aim().name(),
                practice.with().name(),
                tasks,
                pieces,
                leftOut,
                wording);
    }

    private static Optional<Double> boxed(OptionalDouble value) {
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    private Card made(
            String title, String whom, List<Task> tasks, List<Piece> pieces, List<String> leftOut, Wording wording) {
        Map<String, BandView> bands = new LinkedHashMap<>();
        for (Piece piece : pieces) {
            Dance dance = Dance.parse(piece.motion().dance());
            bands.computeIfAbsent(
                    piece.motion().dance(), name -> BandView.of(Bands.load().get(dance)));
        }
        CardPayload payload = new CardPayload(
                title, whom, today().format(DAY), wording.roles().words(), tasks, pieces, leftOut, bands);
        String page = template().replace(EMPTY, EMPTY + packed(payload));
        if (page.length() > MOST_BYTES) {
            throw new IllegalArgumentException("\"" + title + "\" is too long for a practice card, which may have "
                    + MOST_BYTES / 1000 + " kB: make one of a part of it, or print its sheets");
        }
        String name = title.replaceAll("[^\\p{L}\\p{N} ,.'-]+", " ").strip();
        return new Card((name.isEmpty() ? "Practice card" : name) + ".html", page.getBytes(StandardCharsets.UTF_8));
    }

    private static String template() {
        try {
            return new ClassPathResource("static/card.html").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("The page of the practice card is missing: build the front end", e);
        }
    }

    /** Letters that can stand in a page whatever is in them. */
    private String packed(Object payload) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new Tight(bytes)) {
            zip.write(mapper.writeValueAsBytes(payload));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Base64.getEncoder().encodeToString(bytes.toByteArray());
    }

    /** As small as can be: a card is made seldom and sent often. */
    private static final class Tight extends GZIPOutputStream {
        Tight(OutputStream out) throws IOException {
            super(out);
            def.setLevel(Deflater.BEST_COMPRESSION);
        }
    }
}
