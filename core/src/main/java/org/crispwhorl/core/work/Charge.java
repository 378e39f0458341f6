package org.crispwhorl.core.work;

/** By what an act of the hands is charged: by the thing, by the sheet that is rolled out, or by the lump that is kneaded. */
public sealed interface Charge {
    /** How many times hands take something up for so many flowers; spares count as shares of a flower. */
    double things(double flowers);

    /** Petals on all of it together; 0 where the operation asks nothing of them. */
    double petals(double flowers);

    /** The same for so many flowers as if they were one. */
    Charge times(double flowers);

    /** The same where what one flower takes goes into so many lots. */
    default Charge inLots(double lots) {
        return this;
    }

    /** So many things a flower, and so many petals on them. */
    record Each(double things, double petals) implements Charge {
        @Override
        public double things(double flowers) {
            return flowers * things;
        }

        @Override
        public double petals(double flowers) {
            return flowers * petals;
        }

        @Override
        public Charge times(double flowers) {
            return new Each(flowers * things, flowers * petals);
        }
    }

    /**
     * What all flowers share: a new one is begun whenever one is used up.
     *
     * @param each what one flower takes of it
     * @param holds what one holds
     */
    record Shared(double each, double holds) implements Charge {
        /** So much paste is rolled out in one go, mm². */
        private static final double SHEET_MM2 = 15_000;

        /** So much is kneaded in one go, g. */
        private static final double LUMP_G = 150;

        private static final double HAIR = 1e-9;

        static Shared sheet(double areaMm2) {
            return new Shared(areaMm2, SHEET_MM2);
        }

        static Shared lump(double grams) {
            return new Shared(grams, LUMP_G);
        }

        @Override
        public double things(double flowers) {
            return Math.ceil(flowers * each / holds - HAIR);
        }

        @Override
        public double petals(double flowers) {
            return 0;
        }

        @Override
        public Charge times(double flowers) {
            return new Shared(flowers * each, holds);
        }

        @Override
        public Charge inLots(double lots) {
            return new Shared(each, Math.min(holds, each / lots));
        }
    }
}
