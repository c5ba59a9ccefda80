package fluidframe.server.people;

import fluidframe.core.couple.Role;
import fluidframe.core.people.Dancer;
import fluidframe.library.people.DancerFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Traits;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How dancers are kept. */
@Configuration
class Dancers implements Traits<Dancer, PeopleView.DancerSummary> {
    @Bean
    Documents<Dancer, PeopleView.DancerSummary> dancerDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.DANCER;
    }

    @Override
    public Format<Dancer> format() {
        return DancerFormat.DANCER;
    }

    @Override
    public String name(Dancer dancer) {
        return dancer.name();
    }

    @Override
    public Class<PeopleView.DancerSummary> summaryType() {
        return PeopleView.DancerSummary.class;
    }

    @Override
    public PeopleView.DancerSummary summary(Dancer dancer) {
        return new PeopleView.DancerSummary(
                dancer.name(), dancer.roles().stream().map(Role::toString).toList(), dancer.note());
    }
}
