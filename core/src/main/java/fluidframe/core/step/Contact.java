package fluidframe.core.step;

/**
 * One touch of the floor by a part of the foot.
 *
 * @param part which part
 * @param edge on which edge of the foot
 */
public record Contact(Part part, Edge edge) {
    /** Parts of the foot, in the letters of the charts. */
    public enum Part {
        HEEL("H"),
        TOE("T"),
        BALL("B"),
        FLAT("F"),
        WHOLE("WF"),
        /** The heel leaves the floor while the ball keeps pressing. */
        HEEL_RELEASE("HR"),
        /** The toes leave the floor, as the weight goes back over the heel. */
        TOE_RELEASE("TR"),
        /** Pressure into the floor without weight. */
        PRESSURE("P");

        private final String letters;

        Part(String letters) {
            this.letters = letters;
        }

        @Override
        public String toString() {
            return letters;
        }
    }

    /** Edges of the foot; most contacts name none. */
    public enum Edge {
        NONE(""),
        INSIDE("IE"),
        OUTSIDE("OE");

        private final String letters;

        Edge(String letters) {
            this.letters = letters;
        }

        @Override
        public String toString() {
            return letters;
        }
    }

    @Override
    public String toString() {
        return edge == Edge.NONE ? part.toString() : edge + " " + part;
    }
}
