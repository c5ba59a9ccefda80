package fluidframe.server.record;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.count.Dance;
import fluidframe.core.evening.ClassEvening;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.log.Entry;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Dancer;
import fluidframe.core.people.Group;
import fluidframe.core.practice.Practice;
import fluidframe.core.routine.Routine;
import fluidframe.library.text.YamlText;
import fluidframe.server.access.Devices;
import fluidframe.server.evening.ClassView;
import fluidframe.server.lesson.Calendar;
import fluidframe.server.lesson.LessonView;
import fluidframe.server.log.LogBook;
import fluidframe.server.log.LogLine;
import fluidframe.server.people.PeopleView;
import fluidframe.server.practice.PracticeView;
import fluidframe.server.recall.RecallBook;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Forgetting;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Page;
import fluidframe.server.store.Ref;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Everything about one person: written out, or forgotten. */
@Service
class Erasure {
    private static final LocalDate LONG_AGO = LocalDate.of(1900, 1, 1);
    private static final LocalDate FAR_AHEAD = LocalDate.of(9999, 1, 1);
    private static final int WHOLE_LOG = 200;

    private final Documents<Dancer, PeopleView.DancerSummary> dancers;
    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<Group, PeopleView.GroupSummary> groups;
    private final Documents<Lesson, LessonView.LessonSummary> lessons;
    private final Documents<Practice, PracticeView.PracticeSummary> practices;
    private final Documents<ClassEvening, ClassView.ClassSummary> classes;
    private final Documents<Routine, RoutineSummary> routines;
    private final Calendar calendar;
    private final LogBook book;
    private final TaughtBook taught;
    private final RecallBook recall;
    private final Forgetting forgetting;
    private final Devices devices;
    private final ObjectMapper mapper;
    private final TransactionTemplate transaction;

    Erasure(
            Documents<Dancer, PeopleView.DancerSummary> dancers,
            Documents<Couple, PeopleView.CoupleSummary> couples,
            Documents<Group, PeopleView.GroupSummary> groups,
            Documents<Lesson, LessonView.LessonSummary> lessons,
            Documents<Practice, PracticeView.PracticeSummary> practices,
            Documents<ClassEvening, ClassView.ClassSummary> classes,
            Documents<Routine, RoutineSummary> routines,
            Calendar calendar,
            LogBook book,
            TaughtBook taught,
            RecallBook recall,
            Forgetting forgetting,
            Devices devices,
            ObjectMapper mapper,
            PlatformTransactionManager transactions) {
        this.dancers = dancers;
        this.couples = couples;
        this.groups = groups;
        this.lessons = lessons;
        this.practices = practices;
        this.classes = classes;
        this.routines = routines;
        this.calendar = calendar;
        this.book = book;
        this.taught = taught;
        this.recall = recall;
        this.forgetting = forgetting;
        this.devices = devices;
        this.mapper = mapper;
        this.transaction = new TransactionTemplate(transactions);
    }

    private List<Document<Couple>> couplesOf(String dancer) {
        return couples.summaries().entrySet().stream()
                .filter(couple -> couple.getValue().dancers().contains(dancer))
                .map(couple -> couples.get(couple.getKey()))
                .toList();
    }

    private List<Document<Group>> groupsOf(String dancer) {
        return groups.summaries().entrySet().stream()
                .filter(group -> group.getValue().dancers().contains(dancer))
                .map(group -> groups.get(group.getKey()))
                .toList();
    }

    private List<Document<Practice>> practicesOf(String whom) {
        return practices.summaries().entrySet().stream()
                .filter(practice -> practice.getValue().whom().equals(whom))
                .map(practice -> practices.get(practice.getKey()))
                .toList();
    }

    private List<Document<ClassEvening>> eveningsOf(String dancer) {
        return classes.summaries().entrySet().stream()
                .filter(evening -> evening.getValue().dancers().contains(dancer))
                .map(evening -> classes.get(evening.getKey()))
                .toList();
    }

    private List<Page.Line<LessonView.LessonSummary>> lessonsWith(String whom) {
        return calendar.with(whom, LONG_AGO, FAR_AHEAD);
    }

    /** What forgetting somebody would touch, one sentence each. */
    List<String> touched(String id) {
        Dancer dancer = dancers.get(id).value();
        List<String> touched = new ArrayList<>();
        touched.add(dancer.name() + " with height, levels and note");
        for (Document<Couple> couple : couplesOf(id)) {
            int with = lessonsWith(couple.id()).size();
            long entries = book.count(couple.id());
            Optional<Couple> left = couple.value().without(id, "-");
            String name = couple.value().name();
            touched.add(
                    left.isEmpty()
                            ? name + " as a whole: " + with + " lessons, " + entries + " entries of the log and "
                                    + taught.count(couple.id()) + " things taught"
                            : name + " goes on as " + nameOfRest(couple.value(), id) + " alone; of its " + entries
                                    + " entries the faults of " + dancer.name() + " go, and its " + with
                                    + " lessons are called anew");
        }
        groupsOf(id)
                .forEach(group -> touched.add(
                        dancer.name() + " goes from " + group.value().name()));
        int evenings = eveningsOf(id).size();
        if (evenings > 0) {
            touched.add((evenings == 1 ? "1 evening of a class goes" : evenings + " evenings of classes go")
                    + " on without " + dancer.name() + ", as if nobody had been in those places");
        }
        List<String> named = routines.summaries().values().stream()
                .filter(routine -> mentions(routine.couple() + " " + routine.note(), dancer.name()))
                .map(RoutineSummary::name)
                .sorted()
                .toList();
        if (!named.isEmpty()) {
            touched.add("Still named in the words of " + String.join(", ", named)
                    + ": change those yourself, and notes, promises and cues of others that name " + dancer.name());
        }
        long answered = recall.count(id);
        if (answered > 0) touched.add(answered + " answers to questions from the charts");
        touched.add("Couples, groups and classes in the bin that name " + dancer.name()
                + " go for good, the couples with their lessons, log and what they were taught");
        touched.add("Copies of the studio in its data folder hold it until newer ones have taken their place");
        return touched;
    }

    private static boolean mentions(String text, String name) {
        String first = name.strip().split("\\s+")[0];
        return text.matches("(?s).*\\b" + Pattern.quote(first) + "\\b.*");
    }

    private String nameOfRest(Couple couple, String without) {
        return couple.dancers().stream()
                .filter(dancer -> !dancer.equals(without))
                .findFirst()
                .flatMap(dancers::find)
                .map(found -> found.value().name())
                .orElse("one");
    }

    /** Everything about somebody as one file. */
    String everything(String id) {
        ObjectNode all = mapper.createObjectNode();
        all.set("dancer", dancers.traits().format().toJson(dancers.get(id).value()));
        ArrayNode theirCouples = all.putArray("couples");
        ArrayNode theirLessons = all.putArray("lessons");
        ArrayNode log = all.putArray("log");
        ArrayNode lessonsLearned = all.putArray("taught");
        ArrayNode practised = all.putArray("practice");
        for (Document<Couple> couple : couplesOf(id)) {
            theirCouples.add(couples.traits().format().toJson(couple.value()).put("id", couple.id()));
            lessonsWith(couple.id())
                    .forEach(line -> theirLessons.add(lessons.traits()
                            .format()
                            .toJson(lessons.get(line.id()).value())));
            Optional<String> after = Optional.of("");
            while (after.isPresent()) {
                LogLine.LogPage page = book.page(couple.id(), after.get(), WHOLE_LOG);
                page.lines().forEach(line -> log.add(mapper.valueToTree(line)));
                after = page.next();
            }
            practicesOf(couple.id())
                    .forEach(practice ->
                            practised.add(practices.traits().format().toJson(practice.value())));
            taught.of(couple.id()).forEach(view -> lessonsLearned.add(mapper.valueToTree(view)));
        }
        ArrayNode remembered = all.putArray("recall");
        recall.of(id).forEach(state -> remembered.add(mapper.valueToTree(state)));
        ArrayNode evenings = all.putArray("classes");
        eveningsOf(id).forEach(evening -> evenings.add(classes.traits().format().toJson(evening.value())));
        ArrayNode theirGroups = all.putArray("groups");
        groupsOf(id).forEach(group -> theirGroups.add(group.value().name()));
        return YamlText.print(all);
    }

    /** Forgets somebody for good: all of it or nothing. */
    void erase(String id) {
        dancers.get(id);
        transaction.executeWithoutResult(status -> {
            for (Document<Couple> couple : couplesOf(id)) eraseFrom(couple, id);
            for (Document<Group> group : groupsOf(id)) {
                groups.save(group.id(), group.version(), group.value().without(id), Optional.empty());
                forgetting.forgetVersions(new Ref(Kind.GROUP, group.id()));
            }
            for (Document<ClassEvening> evening : eveningsOf(id)) {
                classes.save(evening.id(), evening.version(), evening.value().without(id), Optional.empty());
                forgetting.forgetVersions(new Ref(Kind.CLASS, evening.id()));
            }
            Ref dancer = new Ref(Kind.DANCER, id);
            forgetting.inTheBin(Kind.COUPLE, dancer).forEach(this::eraseRecord);
            recall.erase(id);
            forgetting.erase(dancer);
        });
    }

    private void eraseFrom(Document<Couple> couple, String dancer) {
        // Called as somebody called them, and it may have been the one who is forgotten.
        devices.forget(couple.id());
        Optional<Couple> left = couple.value().without(dancer, nameOfRest(couple.value(), dancer));
        if (left.isEmpty()) {
            eraseRecord(couple.id());
            forgetting.erase(new Ref(Kind.COUPLE, couple.id()));
            return;
        }
        book.eraseFaults(couple.id(), fault -> isOf(fault, couple.value(), dancer));
        book.rename(couple.id(), left.get().name());
        couples.save(couple.id(), couple.version(), left.get(), Optional.empty());
        forgetting.forgetVersions(new Ref(Kind.COUPLE, couple.id()));
        for (Document<Practice> practice : practicesOf(couple.id())) {
            Lesson.With renamed =
                    new Lesson.With("couple", couple.id(), left.get().name());
            practices.save(practice.id(), practice.version(), practice.value().with(renamed), Optional.empty());
            forgetting.forgetVersions(new Ref(Kind.PRACTICE, practice.id()));
        }
        for (Page.Line<LessonView.LessonSummary> line : lessonsWith(couple.id())) {
            Document<Lesson> lesson = lessons.get(line.id());
            Lesson.With renamed =
                    new Lesson.With("couple", couple.id(), left.get().name());
            lessons.save(line.id(), lesson.version(), lesson.value().with(renamed), Optional.empty());
            forgetting.forgetVersions(new Ref(Kind.LESSON, line.id()));
        }
    }

    /** Everything that is only of a couple. */
    private void eraseRecord(String couple) {
        lessonsWith(couple).forEach(line -> forgetting.erase(new Ref(Kind.LESSON, line.id())));
        practicesOf(couple).forEach(practice -> forgetting.erase(new Ref(Kind.PRACTICE, practice.id())));
        book.erase(couple);
        taught.erase(couple);
        devices.forget(couple);
    }

    /** Whether a fault was made by somebody: the one who dances its role in the dance of its figure. */
    private static boolean isOf(Entry.Fault fault, Couple couple, String dancer) {
        int dot = fault.figure().indexOf('.');
        Set<String> dances =
                List.of(Dance.values()).stream().map(Dance::toString).collect(Collectors.toSet());
        String dance = dot < 0 ? "" : fault.figure().substring(0, dot);
        if (!dances.contains(dance)) return false;
        return couple.dancer(fault.role(), Dance.parse(dance))
                .filter(dancer::equals)
                .isPresent();
    }
}
