package fluidframe.core.rule;

import fluidframe.core.couple.Role;
import fluidframe.core.couple.RoleWords;
import java.util.Optional;

/**
 * What a rule says about one chart.
 *
 * @param rule which rule
 * @param severity how much it weighs
 * @param role whose row it is about, if one
 * @param step the row in that role from 1, or 0 for the figure as a whole
 * @param told one plain sentence with the numbers in it, which names the roles as {@link RoleWords} tells
 * @param fix a change of one cell that would settle it, where one is evident
 */
public record Finding(RuleId rule, Severity severity, Optional<Role> role, int step, String told, Optional<Fix> fix) {
    /** The sentence with the roles named man and lady. */
    public String reason() {
        return RoleWords.plain(told);
    }

    public static Finding broken(RuleId rule, Role role, int step, String told) {
        return new Finding(rule, Severity.BROKEN, Optional.of(role), step, told, Optional.empty());
    }

    public static Finding doubtful(RuleId rule, Role role, int step, String told) {
        return new Finding(rule, Severity.DOUBTFUL, Optional.of(role), step, told, Optional.empty());
    }

    public static Finding note(RuleId rule, Role role, int step, String told) {
        return new Finding(rule, Severity.NOTE, Optional.of(role), step, told, Optional.empty());
    }

    /** A finding about the figure as a whole. */
    public static Finding whole(RuleId rule, Severity severity, String told) {
        return new Finding(rule, severity, Optional.empty(), 0, told, Optional.empty());
    }

    /** The same with a change of one cell of the row it is about. */
    public Finding withFix(String label, String column, String text) {
        return new Finding(
                rule, severity, role, step, told, Optional.of(new Fix(label, role.orElseThrow(), step, column, text)));
    }
}
