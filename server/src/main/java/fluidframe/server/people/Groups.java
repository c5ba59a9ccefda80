package fluidframe.server.people;

import fluidframe.core.couple.Role;
import fluidframe.core.people.Group;
import fluidframe.library.people.GroupFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Ref;
import fluidframe.server.store.Traits;
import java.util.List;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How groups are kept. */
@Configuration
class Groups implements Traits<Group, PeopleView.GroupSummary> {
    @Bean
    Documents<Group, PeopleView.GroupSummary> groupDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.GROUP;
    }

    @Override
    public Format<Group> format() {
        return GroupFormat.GROUP;
    }

    @Override
    public String name(Group group) {
        return group.name();
    }

    @Override
    public Set<Ref> uses(Group group) {
        Set<Ref> uses = Couples.usesOf(group.work());
        group.members().forEach(member -> uses.add(new Ref(Kind.DANCER, member.dancer())));
        return uses;
    }

    @Override
    public Class<PeopleView.GroupSummary> summaryType() {
        return PeopleView.GroupSummary.class;
    }

    @Override
    public PeopleView.GroupSummary summary(Group group) {
        return new PeopleView.GroupSummary(
                group.name(),
                group.members().stream().map(Group.Member::dancer).toList(),
                count(group, List.of(Role.MAN)),
                count(group, List.of(Role.LADY)),
                (int) group.members().stream()
                        .filter(member -> member.roles().size() > 1)
                        .count(),
                group.work().routines(),
                group.work().figures(),
                group.work().events());
    }

    private static int count(Group group, List<Role> roles) {
        return (int) group.members().stream()
                .filter(member -> member.roles().equals(roles))
                .count();
    }
}
