package fluidframe.core.link;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.Turn;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** A figure as it would be danced (whole, a part or a variant), worked out once. */
public final class Danceable {
    private final Chart figure;
    private final FigureUse use;
    private final Sheet sheet;
    private final Beats length;
    private final boolean endsAside;
    /** In metres; worked out when first asked for, which takes a walk over the floor. */
    private volatile double reach = Double.NaN;

    private Danceable(Chart figure, FigureUse use) {
        this.figure = figure;
        this.use = use;
        this.sheet = Sheet.of(use.of(figure));
        this.length = sheet.chart().length();
        this.endsAside = Nearness.endsAside(sheet.chart());
    }

    /** Refuses a part or variant which the figure does not have. */
    public static Danceable of(Chart figure, FigureUse use) {
        return new Danceable(figure, use);
    }

    /** The whole figure this is taken from. */
    public Chart figure() {
        return figure;
    }

    public FigureUse use() {
        return use;
    }

    /** Whose rows the whole is measured by: the man's, or the lady's where she dances alone. */
    public Role leader() {
        return chart().man().isEmpty() ? Role.LADY : Role.MAN;
    }

    /** Whose rows are the other account: the lady's, or the man's where he dances alone. */
    public Role follower() {
        return chart().lady().isEmpty() ? Role.MAN : Role.LADY;
    }

    /** Whether one dancer dances it alone. */
    public boolean isSolo() {
        return chart().isSolo();
    }

    /** The rows danced. */
    public Chart chart() {
        return sheet.chart();
    }

    /** How long it lasts. */
    public Beats length() {
        return length;
    }

    public Ledger ledger() {
        return sheet.ledger();
    }

    public Sheet sheet() {
        return sheet;
    }

    /** {@code "Natural Turn 1-3"}, {@code "Reverse Turn, after a spin turn"}. */
    public String name() {
        String base = figure.identity().name();
        String name = use.otherFoot() ? base + ", other foot first" : base;
        if (use.part().isPresent()) return name + " " + use.part().get();
        String varied = use.variant()
                .flatMap(id -> figure.variants().stream()
                        .filter(v -> v.id().equals(id))
                        .findFirst())
                .map(v -> name + ", " + v.name())
                .orElse(name);
        return varied + use.oftenTold();
    }

    /** Whether it is danced from the figure's first step on: nobody begins a routine in the middle of a figure. */
    public boolean isFromTheStart() {
        return use.part()
                .map(id -> figure.parts().stream().anyMatch(part -> part.id().equals(id) && part.from() == 1))
                .orElse(true);
    }

    /** How near the partners may end besides as charted; none where the last steps leave no time or no way for it. */
    public List<Ending> endings() {
        if (!endsAside || isSolo()) return List.of();
        CouplePosition charted = use.ending() == Ending.AS_CHARTED
                ? ledger().positions().last()
                : Danceable.of(figure, use.withEnding(Ending.AS_CHARTED))
                        .ledger()
                        .positions()
                        .last();
        return charted.isFaceToFace() ? List.of(Ending.NEARER, Ending.WIDER) : List.of();
    }

    /** Whether both end on a side step or chasse that can be danced nearer or wider. */
    boolean endsAside() {
        return endsAside;
    }

    /**
     * By how many sixteenths the chart may be turned as a whole to begin on each of its alignments; 0 is as charted. A dance
     * that does not move round the floor may be danced on any alignment.
     */
    public Set<Integer> entryRotations() {
        Set<Integer> rotations = new LinkedHashSet<>(List.of(0));
        if (!figure.dance().isMoving()) {
            for (int rotation = 1; rotation < Direction.SIXTEENTHS; rotation++) rotations.add(rotation);
            return rotations;
        }
        chart().start()
                .entries()
                .forEach(entry -> rotations.add(entry.footDirection()
                        .clockwiseFrom(ledger().of(leader()).start())));
        return rotations;
    }

    /**
     * The way he goes as the figure ends, in metres, as charted: that of the last step, or, where a close ends a bar of
     * swing, that of the last step forward or back before it, since a close alone does not turn the swing about. Nowhere if
     * something stops it.
     */
    Point lastTravel() {
        if (endsPivoting()) return afterPivot();
        if (endsStopped()) return Point.ORIGIN;
        List<Footfall> falls = sheet.floor().of(leader());
        List<Step> his = chart().steps(leader());
        double from = chart().length().toDouble() - chart().dance().beatsPerBar();
        Point aside = Point.ORIGIN;
        for (int i = his.size() - 1; i >= 0; i--) {
            if (falls.get(i).onset() < from) break;
            Placement.Kind kind = his.get(i).placement().kind();
            if (!kind.travels()) continue;
            Point before = i == 0 ? sheet.floor().startMan() : falls.get(i - 1).centre();
            Point way = falls.get(i).centre().minus(before);
            if (i == his.size() - 1 || !kind.isAside()) return way;
            aside = way;
        }
        return aside;
    }

    /** Whether he checks, waits with a foot drawn, turns on the spot, or crosses behind as in a whisk, so that any direction may follow. */
    private boolean endsStopped() {
        List<Step> his = chart().steps(leader());
        if (his.isEmpty()) return false;
        Step last = his.get(his.size() - 1);
        Placement placed = last.placement();
        return placed.qualifiers().contains(Placement.Qualifier.CHECKED)
                || placed.kind() == Placement.Kind.CROSS_BEHIND
                || placed.kind() == Placement.Kind.CLOSE && closesStill()
                || turnsAbout(last)
                || last.weightTaken() == Weight.NONE;
    }

    private boolean endsPivoting() {
        List<Step> his = chart().steps(leader());
        if (his.isEmpty()) return false;
        Step last = his.get(his.size() - 1);
        return !last.isStep()
                && last.turn().kind() == Turn.Kind.PIVOT
                && last.turn().sixteenths() != 0;
    }

    /** A step back pivots to go forward, a step forward to go back; how far depends on the next step. */
    private Point afterPivot() {
        List<Step> steps = chart().steps(leader()).stream().filter(Step::isStep).toList();
        boolean wentBack = !steps.isEmpty()
                && steps.get(steps.size() - 1).placement().kind().isBack();
        double facing = ledger().of(leader()).last().body().sixteenths();
        return Point.polar(1, wentBack ? facing : facing + 8);
    }

    /** A swivel or a spin takes up the swing; a pivot carries it on. */
    private static boolean turnsAbout(Step step) {
        switch (step.turn().kind()) {
            case SWIVEL, SPIRAL, SPIN, TWIST:
                return step.turn().sixteenths() != 0;
            default:
                return false;
        }
    }

    /** Whether his last step is one forward outside the partner, which can be checked. */
    boolean endsOutside() {
        List<Step> his = chart().steps(leader());
        if (his.isEmpty()) return false;
        Placement last = his.get(his.size() - 1).placement();
        return last.kind().isForward() && last.has(Placement.Qualifier.OUTSIDE_PARTNER);
    }

    /** Whether his first step can be taken with the partner outside on his right: forward on the right foot or back on the left. */
    boolean beginsOutsideRight() {
        Step first = chart().steps(leader()).get(0);
        Placement.Kind kind = first.placement().kind();
        return first.foot() == Foot.RIGHT ? !kind.isBack() : !kind.isForward();
    }

    /** The same on his left: forward on the left foot or back on the right. */
    boolean beginsOutsideLeft() {
        Step first = chart().steps(leader()).get(0);
        Placement.Kind kind = first.placement().kind();
        return first.foot() == Foot.LEFT ? !kind.isBack() : !kind.isForward();
    }

    /** In tango nothing swings, and the boxes of the American dances come to rest over closed feet. */
    private boolean closesStill() {
        return figure.dance() == Dance.TANGO || figure.dance().style() == Dance.Style.AMERICAN;
    }

    /** Metres along the line of dance from his first place to his last, turned by so many sixteenths as a whole. */
    public double advance(int rotation) {
        List<Footfall> falls = sheet.floor().of(leader());
        if (falls.isEmpty()) return 0;
        Point way = falls.get(falls.size() - 1).centre().minus(sheet.floor().startMan());
        double angle = rotation * Math.PI / 8;
        return way.x() * Math.cos(angle) - way.y() * Math.sin(angle);
    }

    /** How far the middle of the couple gets from where it begins, in metres, at the most. */
    public double reach() {
        double known = reach;
        if (Double.isNaN(known)) {
            known = walkedReach();
            reach = known;
        }
        return known;
    }

    private double walkedReach() {
        FloorPlan floor = sheet.floor();
        Point begin = floor.startMan().towards(floor.startLady(), 0.5);
        Point man = floor.startMan();
        Point lady = floor.startLady();
        double farthest = 0;
        for (Footfall fall : floor.footfalls()) {
            if (isSolo() || fall.role() == Role.MAN) man = fall.centre();
            if (isSolo() || fall.role() == Role.LADY) lady = fall.centre();
            farthest = Math.max(farthest, man.towards(lady, 0.5).minus(begin).length());
        }
        return farthest;
    }

    /** The way the man travels on the first step, in metres, as charted. */
    Point firstTravel() {
        List<Footfall> falls = sheet.floor().of(leader());
        return falls.isEmpty()
                ? Point.ORIGIN
                : falls.get(0).centre().minus(sheet.floor().startMan());
    }
}
