package fluidframe.core.proposal;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Finish;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.Variant;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Changed rows told as a variant of the rows as they were. */
public final class VariantDerivation {
    private VariantDerivation() {}

    /**
     * Everything from the first of the man's rows that differs, and the lady's rows from the beat on which that begins. If one of
     * hers differs before, the variant begins with the row he dances at that beat, since a variant is cut by his steps.
     *
     * @param before the rows as they were
     * @param now the rows as they are
     * @param name in a coach's words
     * @return empty where no row differs
     */
    public static Optional<Variant> of(Chart before, Chart now, String name) {
        Rhythm his = now.rhythm(Role.MAN);
        Rhythm hers = now.rhythm(Role.LADY);
        int man = firstDifference(before.man(), now.man());
        int lady = firstDifference(before.lady(), now.lady());
        boolean manDiffers = man < now.man().size() || man < before.man().size();
        boolean ladyDiffers = lady < now.lady().size() || lady < before.lady().size();
        if (!manDiffers && !ladyDiffers) return Optional.empty();
        // A variant has rows of every role that dances, also where the last rows were taken off.
        int keep = Math.max(0, Math.min(man, now.man().size() - 1));
        int last = now.lady().size() - 1;
        while (ladyDiffers && keep > 0 && his.onset(keep).compareTo(hers.onset(lady)) > 0) keep--;
        while (last >= 0 && keep > 0 && his.onset(keep).compareTo(hers.onset(last)) > 0) keep--;
        Beats from = his.onset(keep);
        List<Step> rows = new ArrayList<>();
        for (int i = 0; i < now.lady().size(); i++) {
            if (hers.onset(i).compareTo(from) >= 0) rows.add(now.lady().get(i));
        }
        return Optional.of(new Variant(
                idOf(name),
                name,
                keep,
                now.man().subList(keep, now.man().size()),
                rows,
                List.of(),
                List.of(),
                Finish.AS_CHARTED));
    }

    private static int firstDifference(List<Step> before, List<Step> now) {
        int same = 0;
        while (same < before.size() && same < now.size() && before.get(same).equals(now.get(same))) same++;
        return same;
    }

    private static String idOf(String name) {
        String id = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return id.isEmpty() ? "variant" : id;
    }
}
