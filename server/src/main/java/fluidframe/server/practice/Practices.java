package fluidframe.server.practice;

import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.library.practice.PracticeFormat;
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

/** How plans of practice are kept: named by the day of their event first, so that the order of names is the order of events. */
@Configuration
class Practices implements Traits<Practice, PracticeView.PracticeSummary> {
    private static final int LONGEST_NAME = 120;

    @Bean
    Documents<Practice, PracticeView.PracticeSummary> practiceDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.PRACTICE;
    }

    @Override
    public Format<Practice> format() {
        return PracticeFormat.PRACTICE;
    }

    @Override
    public String name(Practice practice) {
        String name = practice.aim().day() + " " + practice.with().name() + ", "
                + practice.aim().name();
        return name.substring(0, Math.min(name.length(), LONGEST_NAME));
    }

    /** Also by the id of whom it is with. */
    @Override
    public String words(Practice practice) {
        return name(practice) + " with:" + practice.with().id() + ". " + practice.note();
    }

    @Override
    public Set<Ref> uses(Practice practice) {
        Set<Ref> uses = new LinkedHashSet<>();
        uses.add(new Ref(
                practice.with().kind().equals("group") ? Kind.GROUP : Kind.COUPLE,
                practice.with().id()));
        if (!practice.aim().event().isBlank())
            uses.add(new Ref(Kind.EVENT, practice.aim().event()));
        practice.wanted().forEach(one -> uses.add(new Ref(Kind.parse(one.kind()), one.id())));
        practice.parts().forEach(part -> uses.add(new Ref(Kind.parse(part.kind()), part.id())));
        return uses;
    }

    @Override
    public Class<PracticeView.PracticeSummary> summaryType() {
        return PracticeView.PracticeSummary.class;
    }

    @Override
    public PracticeView.PracticeSummary summary(Practice practice) {
        return new PracticeView.PracticeSummary(
                practice.with().id(),
                practice.with().name(),
                practice.aim().name(),
                practice.aim().day().toString(),
                practice.count(Part.State.DONE),
                practice.count(Part.State.MISSED),
                practice.parts().size());
    }
}
