package fluidframe.core.lesson;

import fluidframe.core.exercise.Aid;
import fluidframe.core.exercise.Exercises;
import fluidframe.core.log.Rate;
import fluidframe.core.log.Standing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a lesson holds, its minutes exactly shared out, and what it leaves out and why.
 *
 * @param items in the order in which they are done
 * @param leftOut in words, one sentence each
 */
public record LessonPlan(List<Item> items, List<String> leftOut) {
    /** The longest lesson, in minutes. */
    public static final int LONGEST = 480;

    /** Below this an item of a lesson is not worth beginning, in minutes. */
    private static final int WORTH_BEGINNING = 3;

    /** A promise is kept before anything else. */
    private static final int PROMISED = 5;

    private static final int MOST_FAULTS = 4;

    private static final Set<Stage> OF_THE_HOLD = EnumSet.of(Stage.BODY, Stage.LEAD);

    public LessonPlan {
        items = List.copyOf(items);
        leftOut = List.copyOf(leftOut);
    }

    /**
     * What is wanted of a lesson.
     *
     * @param minutes from 5 to {@value #LONGEST}
     * @param depth 0 for beginners, who are not drowned in detail, 1 with footwork and lead, 2 with everything
     * @param promised what was promised last time, in the coach's words
     * @param others what else they work on, of which a promise may speak
     * @param exercises of which those that help are proposed
     */
    public record Wish(
            int minutes,
            int depth,
            List<Topic> topics,
            List<String> promised,
            List<Lesson.About> others,
            Exercises exercises) {
        private static final int SHORTEST = 5;

        public Wish {
            if (minutes < SHORTEST || minutes > LONGEST) {
                throw new IllegalArgumentException(
                        "A lesson takes from 5 to " + LONGEST + " minutes, but was to take " + minutes);
            }
            topics = List.copyOf(topics);
            promised = List.copyOf(promised);
            others = List.copyOf(others);
        }
    }

    /** Proposes a plan in the order of work; the minutes of its items add up to those wanted. */
    public static LessonPlan propose(Wish wish) {
        List<String> leftOut = new ArrayList<>();
        List<Item> items = new ArrayList<>();
        for (String promise : wish.promised()) items.add(promised(promise, wish));
        for (Topic topic : wish.topics())
            items.addAll(helped(about(topic, wish.depth(), leftOut), topic, wish.exercises()));
        for (int i = 0; i + 1 < wish.topics().size(); i++) {
            Topic one = wish.topics().get(i);
            Topic next = wish.topics().get(i + 1);
            if (one.kind().equals("figure") && next.kind().equals("figure"))
                items.add(item(Stage.LINK, next, one.name() + " into " + next.name()));
        }
        items.add(new Item(
                Stage.RECAP, "", "", "", 0, 1, false, Stage.RECAP.weight(), "so that it is taken home", false));
        dropWhatHasNoTime(items, wish.minutes(), leftOut);
        return new LessonPlan(shared(onceEach(items), wish.minutes()), leftOut);
    }

    /** About what it names: something of this lesson, or whatever else they work on; of several names the longest. */
    private static Item promised(String promise, Wish wish) {
        String words = promise.toLowerCase(Locale.ROOT);
        Lesson.About about = Stream.concat(
                        wish.topics().stream().map(topic -> new Lesson.About(topic.kind(), topic.id(), topic.name())),
                        wish.others().stream())
                .filter(one -> words.contains(one.name().toLowerCase(Locale.ROOT)))
                .max(Comparator.comparing(one -> one.name().length()))
                .orElse(null);
        String why = "promised last time: " + promise;
        Stage stage = Stage.of(promise);
        return about == null
                ? new Item(stage, "", "", "", 0, 1, false, PROMISED, why, false)
                : new Item(stage, about.kind(), about.id(), about.name(), 0, 1, false, PROMISED, why, false);
    }

    private static List<Item> about(Topic topic, int depth, List<String> leftOut) {
        List<Item> items = new ArrayList<>();
        if (!topic.movedOn().isBlank()) items.add(item(Stage.WHOLE, topic, "has changed since: " + topic.movedOn()));
        if (topic.isNew()) {
            Stage.ofNew(depth, topic.solo()).forEach(stage -> items.add(item(stage, topic, "new to them")));
            return items;
        }
        Standing standing = topic.standing().orElseThrow();
        List<Topic.Weak> weak = topic.weak().stream().limit(MOST_FAULTS).toList();
        for (Topic.Weak fault : weak) items.add(against(fault, topic));
        String slower = tempo(topic);
        if (weak.isEmpty() && topic.isClean() && slower.isEmpty()) {
            if (items.isEmpty()) leftOut.add(topic.name() + ": " + clean(standing.lately()) + ", nothing to mend");
            return items;
        }
        String together = weak.isEmpty() ? clean(standing.lately()) : "with what was mended";
        if (!topic.isClean()) {
            items.add(item(Stage.SLOWLY, topic, together));
            items.add(item(Stage.WITH_COUNT, topic, together));
            items.add(item(Stage.TO_MUSIC, topic, together));
        }
        if (!slower.isEmpty()) items.add(item(Stage.UP_TO_SPEED, topic, slower));
        items.sort(Comparator.comparing(Item::stage));
        return items;
    }

    /** With the card of its position where it begins or is about hold and body, and a drill for every fault that one speaks of. */
    private static List<Item> helped(List<Item> items, Topic topic, Exercises exercises) {
        List<Item> helped = new ArrayList<>();
        for (Item item : items) {
            List<Aid> aids = new ArrayList<>();
            Optional<Topic.Weak> fault = topic.weak().stream()
                    .filter(weak -> item.row() > 0 && item.why().startsWith(told(weak)))
                    .findFirst();
            if (topic.isNew() && helped.isEmpty() || fault.isPresent() && OF_THE_HOLD.contains(item.stage())) {
                topic.start()
                        .flatMap(start -> topic.dance().flatMap(dance -> exercises.standing(start, dance)))
                        .ifPresent(aids::add);
            }
            fault.flatMap(weak -> exercises.against(weak.seen(), topic.dance(), topic.solo()))
                    .ifPresent(aids::add);
            helped.add(item.helpedBy(aids));
        }
        return helped;
    }

    /** What helps twice is named once, where it helps first. */
    private static List<Item> onceEach(List<Item> items) {
        Set<Aid> named = new HashSet<>();
        return items.stream()
                .map(item ->
                        item.helpedBy(item.aids().stream().filter(named::add).toList()))
                .toList();
    }

    private static Item against(Topic.Weak fault, Topic topic) {
        Stage stage = Stage.of(fault.seen());
        boolean within = !fault.figure().isBlank();
        return new Item(
                stage,
                within ? "figure" : topic.kind(),
                within ? fault.figure() : topic.id(),
                within ? fault.figureName() : topic.name(),
                fault.row(),
                fault.role(),
                1,
                false,
                stage.weight(),
                told(fault) + (within ? "; in " + topic.name() : ""),
                false,
                List.of());
    }

    private static String told(Topic.Weak fault) {
        return fault.seen() + " ({" + fault.role() + "}, step " + fault.row() + ", " + fault.rate() + " runs)"
                + (fault.cue().isBlank() ? "" : ": " + fault.cue());
    }

    private static String clean(Rate lately) {
        return lately.times() + " of the last " + lately.of() + " " + (lately.of() == 1 ? "run" : "runs") + " clean";
    }

    private static String tempo(Topic topic) {
        OptionalDouble reached = topic.standing().map(Standing::fastestClean).orElse(OptionalDouble.empty());
        if (reached.isEmpty() || topic.missingTempo() < 1.0 / 2) return "";
        return "clean at " + number(reached.getAsDouble()) + ", wanted at "
                + number(topic.tempo().orElseThrow()) + " bars a minute";
    }

    private static String number(double tempo) {
        return tempo == Math.rint(tempo) ? String.valueOf((long) tempo) : String.valueOf(Math.round(tempo * 10) / 10.0);
    }

    private static Item item(Stage stage, Topic topic, String why) {
        return new Item(stage, topic.kind(), topic.id(), topic.name(), 0, 1, false, stage.weight(), why, false);
    }

    /** The lightest go first, of equals the last; what was promised and the end stay as long as there is a minute for them. */
    private static void dropWhatHasNoTime(List<Item> items, int minutes, List<String> leftOut) {
        int most = Math.max(1, minutes / WORTH_BEGINNING);
        List<Item> dropped = new ArrayList<>();
        while (items.size() > most) {
            int lightest = 0;
            for (int i = 0; i < items.size(); i++) {
                if (priority(items.get(i)) <= priority(items.get(lightest))) lightest = i;
            }
            dropped.add(0, items.remove(lightest));
        }
        Map<String, List<Item>> byName =
                dropped.stream().collect(Collectors.groupingBy(Item::name, LinkedHashMap::new, Collectors.toList()));
        byName.forEach((name, gone) -> leftOut.add((name.isEmpty() ? "No time for " : name + ": no time for ")
                + gone.stream()
                        .map(Item::stage)
                        .sorted()
                        .distinct()
                        .map(Stage::title)
                        .map(title -> title.toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", "))));
    }

    private static int priority(Item item) {
        return item.stage() == Stage.RECAP ? PROMISED + 1 : item.weight();
    }

    /**
     * The same items taking the minutes wanted in all: those that are fixed or done keep theirs, the rest share what remains by
     * their weights, a minute each at least.
     *
     * @throws IllegalArgumentException if there is no room, saying how much is wanted
     */
    public static List<Item> shared(List<Item> items, int minutes) {
        List<Item> free =
                items.stream().filter(item -> !item.fixed() && !item.done()).toList();
        int taken = items.stream()
                .filter(item -> item.fixed() || item.done())
                .mapToInt(Item::minutes)
                .sum();
        int left = minutes - taken;
        if (left < free.size() || free.isEmpty() && left != 0) {
            throw new IllegalArgumentException(refusal(minutes, taken, free.size()));
        }
        int[] shares = apportioned(free.stream().mapToInt(Item::weight).toArray(), left);
        List<Item> shared = new ArrayList<>();
        int next = 0;
        for (Item item : items) shared.add(item.fixed() || item.done() ? item : item.lasting(shares[next++]));
        return shared;
    }

    private static String refusal(int minutes, int taken, int free) {
        String set = "The parts whose minutes are set or done take " + taken + " of " + minutes + " minutes";
        if (free == 0)
            return set
                    + ", and no other part can take the rest: let one go, add one or change the minutes of the lesson";
        return set + ", which leaves less than a minute for each of the other " + free
                + ": shorten a part, leave one out or give the lesson more minutes";
    }

    /** Whole minutes by weight, one each at least: the largest remainders are rounded up, of equals the first. */
    private static int[] apportioned(int[] weights, int minutes) {
        int[] shares = new int[weights.length];
        double all = 0;
        for (int weight : weights) all += weight;
        int rest = minutes - weights.length;
        List<Integer> order = new ArrayList<>();
        int given = 0;
        double[] remainders = new double[weights.length];
        for (int i = 0; i < weights.length; i++) {
            double exact = rest * weights[i] / all;
            shares[i] = 1 + (int) exact;
            given += (int) exact;
            remainders[i] = exact - (int) exact;
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> -remainders[i]));
        for (int i = 0; i < rest - given; i++) shares[order.get(i)]++;
        return shares;
    }
}
