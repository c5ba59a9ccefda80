package fluidframe.core.motion;

/**
 * How tall a dancer is, and with that how long every part of the body, by usual proportions.
 *
 * @param height metres, 1.2 to 2.2
 */
public record Build(double height) {
    public static final Build USUAL_MAN = new Build(1.80);
    public static final Build USUAL_LADY = new Build(1.66);

    /** Half the distance between the two hip joints. */
    private static final double HALF_HIPS = 0.052;

    private static final double THIGH = 0.245;
    private static final double SHANK = 0.246;
    private static final double ANKLE = 0.045;
    private static final double TORSO = 0.290;
    private static final double HALF_SHOULDERS = 0.112;
    private static final double ARM = 0.400;
    private static final double SHOE = 0.152;

    public Build {
        if (!(height >= 1.2 && height <= 2.2)) {
            throw new IllegalArgumentException("A dancer must be from 1.2 to 2.2 metres tall, but was " + height);
        }
    }

    public double thigh() {
        return THIGH * height;
    }

    public double shank() {
        return SHANK * height;
    }

    /** From the hip joint to the ankle with a straight knee. */
    public double leg() {
        return thigh() + shank();
    }

    /** The ankle above the floor while the whole foot is down. */
    public double ankle() {
        return ANKLE * height;
    }

    public double halfHips() {
        return HALF_HIPS * height;
    }

    /** From the line of the hips up to the line of the shoulders. */
    public double torso() {
        return TORSO * height;
    }

    public double halfShoulders() {
        return HALF_SHOULDERS * height;
    }

    /** From the shoulder to the middle of the hand. */
    public double arm() {
        return ARM * height;
    }

    /** From heel to toe. */
    public double shoe() {
        return SHOE * height;
    }

    /** The height of the hips with both feet down and straight knees. */
    public double standing() {
        return leg() + ankle();
    }
}
