package fluidframe.core.step;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The parts of the foot that touch the floor on one row, in order: {@code HT}, {@code TH}, {@code THT}, {@code IE T},
 * {@code IE T WF}. At least one contact, at most 6.
 */
public record Footwork(List<Contact> contacts) {
    private static final Pattern TOKEN =
            Pattern.compile("\\G[\\s,]*(?:(IE|OE|I/E|O/E)\\s*(?:OF)?\\s*)?(WF|HR|TR|[HTBFP])");

    public Footwork {
        contacts = List.copyOf(contacts);
        if (contacts.isEmpty() || contacts.size() > 6) {
            throw new IllegalArgumentException("Footwork must have 1 to 6 contacts, but had " + contacts.size());
        }
    }

    /**
     * Reads letters with or without spaces, or the words for them: {@code "I/E of T"} and {@code "inside edge of the toe"} are
     * {@code "IE T"}; an edge by itself is that of the whole foot.
     */
    public static Footwork parse(String text) {
        String letters = lettersOf(text.trim().toUpperCase(Locale.ROOT));
        List<Contact> contacts = new ArrayList<>();
        Matcher token = TOKEN.matcher(letters);
        int end = 0;
        while (token.find()) {
            contacts.add(new Contact(part(token.group(2)), edge(token.group(1))));
            end = token.end();
        }
        if (contacts.isEmpty() || end != letters.length()) {
            throw new IllegalArgumentException(
                    "Footwork must be made of H, T, B, F, WF, HR, TR, P and the edges IE or OE, such as"
                            + " \"HT\" or \"IE T\", but was \"" + text + "\"");
        }
        return new Footwork(contacts);
    }

    private static String lettersOf(String words) {
        String letters =
                words.replaceAll("\\b(INSIDE|INNER) EDGE\\b", "IE").replaceAll("\\b(OUTSIDE|OUTER) EDGE\\b", "OE");
        letters = letters.replaceAll("\\bOF( THE)?\\b", " ").replaceAll("\\b(THEN|AND)\\b", " ");
        letters = letters.replaceAll("\\bWHOLE FOOT\\b|\\bFOOT\\b", "WF")
                .replaceAll("\\bTOES?\\b", "T")
                .replaceAll("\\bBALL\\b", "B")
                .replaceAll("\\bHEEL\\b", "H")
                .replaceAll("\\bFLAT\\b", "F");
        return letters.strip().replaceAll("\\b(IE|OE|I/E|O/E)$", "$1 WF");
    }

    private static Contact.Part part(String letters) {
        for (Contact.Part part : Contact.Part.values()) {
            if (part.toString().equals(letters)) return part;
        }
        throw new IllegalStateException("No part of the foot is written " + letters);
    }

    private static Contact.Edge edge(String letters) {
        if (letters == null) return Contact.Edge.NONE;
        return letters.startsWith("I") ? Contact.Edge.INSIDE : Contact.Edge.OUTSIDE;
    }

    public Contact.Part first() {
        return contacts.get(0).part();
    }

    public Contact.Part last() {
        return contacts.get(contacts.size() - 1).part();
    }

    /** Whether the first touch is with toe or ball; schools differ in the word. */
    public boolean beginsOnForefoot() {
        return first() == Contact.Part.TOE || first() == Contact.Part.BALL;
    }

    /** Whether any contact puts the heel down under weight. */
    public boolean usesHeel() {
        return contacts.stream()
                .anyMatch(c -> c.part() == Contact.Part.HEEL
                        || c.part() == Contact.Part.FLAT
                        || c.part() == Contact.Part.WHOLE);
    }

    public boolean endsOnForefoot() {
        return last() == Contact.Part.HEEL_RELEASE || last() == Contact.Part.TOE || last() == Contact.Part.BALL;
    }

    @Override
    public String toString() {
        StringBuilder letters = new StringBuilder();
        boolean plainBefore = false;
        for (Contact contact : contacts) {
            boolean plain = contact.edge() == Contact.Edge.NONE
                    && contact.part().toString().length() == 1;
            if (!letters.isEmpty() && !(plain && plainBefore)) letters.append(' ');
            letters.append(contact);
            plainBefore = plain;
        }
        return letters.toString();
    }
}
