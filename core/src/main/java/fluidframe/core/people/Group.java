package fluidframe.core.people;

import fluidframe.core.couple.Role;
import java.util.List;

/** A class: any number of dancers, of whom some dance either role. */
public record Group(String name, List<Member> members, Couple.Work work, String note) {
    /**
     * One of a group.
     *
     * @param dancer id
     * @param roles those danced here; both for somebody who can swap
     */
    public record Member(String dancer, List<Role> roles) {
        public Member {
            if (roles.isEmpty()) throw new IllegalArgumentException("A member of a group must dance a role");
            roles = List.copyOf(roles);
        }
    }

    public Group {
        if (name.isBlank()) throw new IllegalArgumentException("A group must have a name");
        members = List.copyOf(members);
        if (members.stream().map(Member::dancer).distinct().count() < members.size()) {
            throw new IllegalArgumentException("Everybody is in a group once, but somebody is named twice");
        }
    }

    /** Without one of them. */
    public Group without(String dancer) {
        return new Group(
                name,
                members.stream()
                        .filter(member -> !member.dancer().equals(dancer))
                        .toList(),
                work,
                note);
    }

    /** With a line more in its notes. */
    public Group noting(String line) {
        return new Group(name, members, work, note.isBlank() ? line : note + "\n" + line);
    }
}
