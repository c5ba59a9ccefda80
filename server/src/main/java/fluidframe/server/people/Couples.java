package fluidframe.server.people;

import fluidframe.core.people.Couple;
import fluidframe.library.people.CoupleFormat;
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

/** How couples are kept. */
@Configuration
class Couples implements Traits<Couple, PeopleView.CoupleSummary> {
    @Bean
    Documents<Couple, PeopleView.CoupleSummary> coupleDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.COUPLE;
    }

    @Override
    public Format<Couple> format() {
        return CoupleFormat.COUPLE;
    }

    @Override
    public String name(Couple couple) {
        return couple.name();
    }

    @Override
    public Set<Ref> uses(Couple couple) {
        Set<Ref> uses = usesOf(couple.work());
        couple.dancers().forEach(id -> uses.add(new Ref(Kind.DANCER, id)));
        return uses;
    }

    static Set<Ref> usesOf(Couple.Work work) {
        Set<Ref> uses = new LinkedHashSet<>();
        work.routines().forEach(id -> uses.add(new Ref(Kind.ROUTINE, id)));
        work.figures().forEach(id -> uses.add(new Ref(Kind.FIGURE, id)));
        work.events().forEach(id -> uses.add(new Ref(Kind.EVENT, id)));
        return uses;
    }

    @Override
    public Class<PeopleView.CoupleSummary> summaryType() {
        return PeopleView.CoupleSummary.class;
    }

    @Override
    public PeopleView.CoupleSummary summary(Couple couple) {
        return new PeopleView.CoupleSummary(
                couple.name(),
                couple.dancers(),
                couple.work().routines(),
                couple.work().figures(),
                couple.work().events());
    }
}
