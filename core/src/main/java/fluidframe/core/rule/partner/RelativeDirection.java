package fluidframe.core.rule.partner;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** A couple position is a relation between the two bodies, and it has to hold on every row. */
final class RelativeDirection implements Rule {
    static final RuleId ID = new RuleId("partner.relative-direction");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The {lady}'s body stands to the {man}'s as the couple position says.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "While a position is being changed the bodies may be anywhere between the two positions.",
                "Rows that end at different times are not compared.",
                "A body that turns less than its foot is judged by the body.",
                "The partner of one who goes on to pivot or spin on the spot may be ahead until the spin ends.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.isForCouple()) return List.of();
        List<Finding> findings = new ArrayList<>();
        List<Ledger.Moment> moments = sheet.ledger().moments();
        CouplePosition before = sheet.chart().start().position();
        Direction man = sheet.ledger().of(Role.MAN).start();
        Direction lady = sheet.ledger().of(Role.LADY).start();
        boolean taken = before.misfit(man, lady) == 0;
        if (!taken && positionAfter(moments, -1, before) == before) {
            findings.add(finding(1, before, man, lady, "begins"));
        }
        for (int i = 0; i < moments.size(); i++) {
            Ledger.Moment moment = moments.get(i);
            CouplePosition position = position(moment);
            CouplePosition after = positionAfter(moments, i, position);
            man = moment.man().body();
            lady = moment.lady().body();
            boolean fits = position.misfit(man, lady) == 0;
            taken = fits || position == before && taken;
            boolean last = i + 1 == moments.size();
            boolean underWay =
                    !last && (before.isOnTheWayTo(position, man, lady) || position.isOnTheWayTo(after, man, lady));
            underWay = underWay || spinsToFit(sheet, moment, position.misfit(man, lady));
            boolean leftUntaken = after != position && !taken;
            if (!fits && (!underWay || leftUntaken)) {
                findings.add(finding(moment.man().number(), position, man, lady, "is"));
            }
            before = position;
        }
        return findings;
    }

    /** The position in force at the end of the moment: the row that began later has the last word. */
    private static CouplePosition position(Ledger.Moment moment) {
        boolean ladyLater = moment.lady().onset().compareTo(moment.man().onset()) > 0;
        return ladyLater ? moment.lady().position() : moment.man().position();
    }

    /** Whether the row after this moment turns on the standing foot by at least what is missing. */
    private static boolean spinsToFit(Sheet sheet, Ledger.Moment moment, int missing) {
        for (Role role : Role.values()) {
            int next = moment.of(role).number();
            List<LedgerRow> rows = sheet.rows(role);
            if (next >= rows.size()) continue;
            Turn turn = rows.get(next).step().turn();
            if (turn.kind() == Turn.Kind.TOE_PIVOT && Math.abs(turn.sixteenths()) >= missing) return true;
        }
        return false;
    }

    private static CouplePosition positionAfter(List<Ledger.Moment> moments, int index, CouplePosition otherwise) {
        return index + 1 < moments.size() ? position(moments.get(index + 1)) : otherwise;
    }

    private static Finding finding(int step, CouplePosition position, Direction man, Direction lady, String verb) {
        return Finding.broken(
                ID,
                Role.MAN,
                step,
                "On the {man}'s step " + step + " the couple " + verb + " in " + position
                        + " position, which has the {lady} " + position.relation() + ", but the {man}'s body faces "
                        + man
                        + " and the {lady}'s " + lady
                        + ": " + TurnText.fraction(lady.clockwiseFrom(man)) + " clockwise of {his}, off by "
                        + TurnText.fraction(position.misfit(man, lady)) + ".");
    }
}
