package fluidframe.core.motion;

import fluidframe.core.step.Contact;
import fluidframe.core.step.Footwork;
import java.util.List;
import java.util.Optional;

/** How the footwork of a row lifts and lowers heel and ball: the parts of the foot in their order over the row. */
final class Contacts {
    /** Heel and ball above the floor, in metres. */
    record Lift(double heel, double ball) {}

    private static final Lift DOWN = new Lift(0, 0);
    /** From which part of the row on a foot that lowers at the end begins to. */
    private static final double LOWERS_FROM = 0.62;

    private static final double LOWERED_BY = 0.94;
    private static final double EDGE_DEGREES = 9;

    private Contacts() {}

    static Lift of(Contact.Part part) {
        return switch (part) {
            case HEEL -> new Lift(0, 0.055);
            case TOE -> new Lift(0.085, 0);
            case BALL -> new Lift(0.045, 0);
            case HEEL_RELEASE, PRESSURE -> new Lift(0.05, 0);
            case TOE_RELEASE -> new Lift(0, 0.035);
            case FLAT, WHOLE -> DOWN;
        };
    }

    /** How the foot is as it arrives. */
    static Lift landing(List<Contact> contacts) {
        return contacts.isEmpty() ? DOWN : of(contacts.get(0).part());
    }

    static List<Contact> of(Optional<Footwork> footwork) {
        return footwork.map(Footwork::contacts).orElse(List.of());
    }

    /** Notes the contacts of a row from its onset, by which the foot has landed, to its end. */
    static void note(FootTrack.Draft foot, List<Contact> contacts, double onset, double settled, double end) {
        if (contacts.isEmpty()) return;
        double length = end - onset;
        int last = contacts.size() - 1;
        for (int i = 0; i <= last; i++) {
            Contact contact = contacts.get(i);
            double share = last == 0 ? 0 : LOWERED_BY * i / last;
            double beat = onset + share * length;
            Contact.Part part = contact.part();
            if (i > 0) {
                Contact.Part before = contacts.get(i - 1).part();
                if (isHigh(before) && !isHigh(part)) {
                    boolean soon = before == Contact.Part.BALL;
                    if (soon) beat = i == last ? Math.min(settled, beat) : beat;
                    else lift(foot, onset + LOWERS_FROM * share / LOWERED_BY * length, of(before));
                }
                if (before == Contact.Part.HEEL && isHigh(part)) {
                    lift(foot, onset + 0.3 * share * length, DOWN);
                    lift(foot, onset + 0.55 * share * length, DOWN);
                }
                if (before == Contact.Part.HEEL && !isHigh(part)) beat = onset + 0.35 * share * length;
            }
            lift(foot, beat, of(part));
            foot.edge.note(beat, tilt(contact.edge()));
        }
    }

    private static void lift(FootTrack.Draft foot, double beat, Lift lift) {
        foot.lift(beat, lift.heel(), lift.ball());
    }

    private static boolean isHigh(Contact.Part part) {
        return of(part).heel() > 0;
    }

    private static double tilt(Contact.Edge edge) {
        return switch (edge) {
            case NONE -> 0;
            case INSIDE -> EDGE_DEGREES;
            case OUTSIDE -> -EDGE_DEGREES;
        };
    }
}
