package fluidframe.server.event;

import fluidframe.core.count.Dance;
import fluidframe.core.event.EventTerms;
import fluidframe.library.event.EventFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Ref;
import fluidframe.server.store.Traits;
import java.time.LocalDate;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How events are kept. */
@Configuration
class Events implements Traits<EventTerms, EventView.EventSummary> {
    @Bean
    Documents<EventTerms, EventView.EventSummary> eventDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.EVENT;
    }

    @Override
    public Format<EventTerms> format() {
        return EventFormat.EVENT;
    }

    @Override
    public String name(EventTerms event) {
        return event.name();
    }

    @Override
    public Set<Ref> uses(EventTerms event) {
        return Set.of(new Ref(Kind.LIST, event.list()));
    }

    @Override
    public Class<EventView.EventSummary> summaryType() {
        return EventView.EventSummary.class;
    }

    @Override
    public EventView.EventSummary summary(EventTerms event) {
        return new EventView.EventSummary(
                event.name(),
                event.tempos().keySet().stream().map(Dance::toString).toList(),
                event.date().map(LocalDate::toString).orElse(null));
    }
}
