package tanah.core.plantplan;

/**
 * A kind as a planting plan counts it.
 *
 * @param height      after a year (m)
 * @param start       spread of a young piece (m)
 * @param year        spread after a year (m)
 * @param hides       whether it gives low cover
 * @param holds       whether it keeps the air damp: a moss, a fern or broad leaves that want it damp themselves
 * @param fromThere   whether it comes from where the animal comes from
 * @param stings      whether its sap hurts eyes and skin
 * @param pot         how it is bought
 */
public record PlanKind(
        String id,
        double height,
        double start,
        double year,
        boolean hides,
        boolean holds,
        boolean fromThere,
        boolean stings,
        Pot pot) {

    /**
     * @param pieces that one pot gives
     * @param takes  share of them that grows on
     * @param price  of one, reference currency units
     */
    public record Pot(int pieces, double takes, double price) {
        private static final double CLOSE = 1e-9;

        public Pot {
            if (pieces < 1 || !(takes > 0 && takes <= 1) || !(price >= 0)) {
                throw new IllegalArgumentException("a pot of " + pieces + " pieces");
            }
        }

        /** Pots for so many pieces; at least one piece of each grows on. */
        public int count(int wanted) {
            return (int) Math.ceil(wanted / usable() - CLOSE);
        }

        /** Pieces of one pot that grow on. */
        public double usable() {
            return Math.max(1, pieces * takes);
        }
    }

    /** Area under it after a year (m²). */
    public double yearArea() {
        return Math.PI / 4 * year * year;
    }
}
