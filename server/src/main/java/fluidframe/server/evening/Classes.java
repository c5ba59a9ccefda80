package fluidframe.server.evening;

import fluidframe.core.evening.ClassEvening;
import fluidframe.core.rotation.Person;
import fluidframe.library.evening.ClassFormat;
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

/** How evenings are kept: named by their time first, so that the order of names is the order of time. */
@Configuration
class Classes implements Traits<ClassEvening, ClassView.ClassSummary> {
    private static final int LONGEST_NAME = 120;

    @Bean
    Documents<ClassEvening, ClassView.ClassSummary> classDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.CLASS;
    }

    @Override
    public Format<ClassEvening> format() {
        return ClassFormat.CLASS;
    }

    private static String called(ClassEvening evening) {
        return evening.group()
                .map(ClassEvening.Course::name)
                .or(() -> evening.material(0).map(ClassEvening.Material::name))
                .orElse("Open class");
    }

    @Override
    public String name(ClassEvening evening) {
        String name = evening.at().toString().replace('T', ' ') + " " + called(evening);
        return name.substring(0, Math.min(name.length(), LONGEST_NAME));
    }

    /** Also by the id of whose course it is. */
    @Override
    public String words(ClassEvening evening) {
        return name(evening) + " with:"
                + evening.group().map(ClassEvening.Course::id).orElse("") + ". " + evening.where() + " "
                + evening.note();
    }

    @Override
    public Set<Ref> uses(ClassEvening evening) {
        Set<Ref> uses = new LinkedHashSet<>();
        evening.group().ifPresent(group -> uses.add(new Ref(Kind.GROUP, group.id())));
        evening.people().forEach(person -> uses.add(new Ref(Kind.DANCER, person.id())));
        evening.material().forEach(one -> uses.add(new Ref(Kind.parse(one.kind()), one.id())));
        return uses;
    }

    @Override
    public Class<ClassView.ClassSummary> summaryType() {
        return ClassView.ClassSummary.class;
    }

    @Override
    public ClassView.ClassSummary summary(ClassEvening evening) {
        return new ClassView.ClassSummary(
                evening.at().toString(),
                evening.group().map(ClassEvening.Course::id).orElse(""),
                called(evening),
                evening.material().stream().map(ClassEvening.Material::name).toList(),
                evening.people().stream().map(Person::id).toList(),
                evening.danced().size(),
                evening.rounds());
    }
}
