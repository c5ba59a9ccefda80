package fluidframe.server.lesson;

import fluidframe.core.lesson.Lesson;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Ref;
import fluidframe.server.store.Traits;
import java.util.LinkedHashSet;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How lessons are kept: named by their time first, so that the order of names is the order of time. */
@Configuration
class Lessons implements Traits<Lesson, LessonView.LessonSummary> {
    @Bean
    Documents<Lesson, LessonView.LessonSummary> lessonDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.LESSON;
    }

    @Override
    public Format<Lesson> format() {
        return LessonFormat.LESSON;
    }

    @Override
    public String name(Lesson lesson) {
        String name =
                lesson.at().toString().replace('T', ' ') + " " + lesson.with().name();
        return name.substring(0, Math.min(name.length(), 120));
    }

    /** Also by the id of whom it is with. */
    @Override
    public String words(Lesson lesson) {
        return name(lesson) + " with:" + lesson.with().id() + ". " + lesson.where() + " " + lesson.note();
    }

    @Override
    public Set<Ref> uses(Lesson lesson) {
        Set<Ref> uses = new LinkedHashSet<>();
        uses.add(new Ref(
                lesson.with().kind().equals("group") ? Kind.GROUP : Kind.COUPLE,
                lesson.with().id()));
        lesson.topics()
                .forEach(topic ->
                        uses.add(new Ref(topic.kind().equals("routine") ? Kind.ROUTINE : Kind.FIGURE, topic.id())));
        return uses;
    }

    @Override
    public Class<LessonView.LessonSummary> summaryType() {
        return LessonView.LessonSummary.class;
    }

    @Override
    public LessonView.LessonSummary summary(Lesson lesson) {
        return new LessonView.LessonSummary(
                lesson.at().toString(),
                lesson.minutes(),
                lesson.with().kind(),
                lesson.with().id(),
                lesson.with().name(),
                lesson.where(),
                lesson.topics().stream().map(Lesson.About::name).toList(),
                lesson.open(),
                lesson.items().size(),
                lesson.held());
    }
}
