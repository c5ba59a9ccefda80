package fluidframe.server.list;

import fluidframe.core.list.FigureList;
import fluidframe.library.list.ListFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Traits;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How lists are kept. */
@Configuration
class ListKeeping implements Traits<FigureList, ListView.ListSummary> {
    @Bean
    Documents<FigureList, ListView.ListSummary> listDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.LIST;
    }

    @Override
    public Format<FigureList> format() {
        return ListFormat.LIST;
    }

    @Override
    public String name(FigureList list) {
        return list.name();
    }

    @Override
    public boolean isNameUnique() {
        return true;
    }

    @Override
    public Class<ListView.ListSummary> summaryType() {
        return ListView.ListSummary.class;
    }

    @Override
    public ListView.ListSummary summary(FigureList list) {
        return ListView.ListSummary.of(list);
    }
}
