package org.crispwhorl.core.sheets;

import java.util.List;
import java.util.Optional;

/** What sheets are made of. Every text in it may hold lengths, which whoever shows it writes as the maker reads them. */
public sealed interface Block {
    /** Shows itself. */
    <E extends Exception> void shownBy(Renderer<E> renderer) throws E;

    /**
     * Shows blocks, each by its kind.
     *
     * @param <E> what goes wrong where it writes
     */
    interface Renderer<E extends Exception> {
        void heading(Heading heading) throws E;

        void note(Note note) throws E;

        void steps(Steps steps) throws E;

        void table(Table table) throws E;

        void patches(Patches patches) throws E;

        void sketch(Sketch sketch) throws E;

        void flower(FlowerDrawn flower) throws E;
    }

    /**
     * Begins a stretch of the sheet.
     *
     * @param aside what is said of it more quietly; empty where nothing is
     * @param count how many of it there are; none where they are not counted
     * @param colour of a patch before it, sRGB
     */
    record Heading(String text, String aside, Optional<Integer> count, Optional<String> colour) implements Block {
        static Heading of(String text) {
            return new Heading(text, "", Optional.empty(), Optional.empty());
        }

        static Heading of(String text, String aside) {
            return new Heading(text, aside, Optional.empty(), Optional.empty());
        }

        Heading counted(int pieces) {
            return new Heading(text, aside, Optional.of(pieces), colour);
        }

        @Override
        public <E extends Exception> void shownBy(Renderer<E> renderer) throws E {
            renderer.heading(this);
        }
    }

    /** A sentence or two. */
    record Note(Mark mark, String text) implements Block {
        static Note of(String text) {
            return new Note(Mark.NONE, text);
        }

        @Override
        public <E extends Exception> void shownBy(Renderer<E> renderer) throws E {
            renderer.note(this);
        }
    }

    /** What is done in turn; whoever shows it numbers it. */
    record Steps(List<String> steps) implements Block {
        public Steps {
            steps = List.copyOf(steps);
        }

        @Override
        public <E extends Exception> void shownBy(Renderer<E> renderer) throws E {
            renderer.steps(this);
        }
    }

    /** What stands in a column. */
    enum Holds {
        TEXT,
        NUMBER,
        /** Lengths, in mm. */
        LENGTH,
        /** Boxes to tick. */
        BOX
    }

    /**
     * @param heading empty where what stands in it says what it is
     * @param share of the width, in proportion to the other columns
     */
    record Column(String heading, Holds holds, int share) {}

    /**
     * Rows of cells, one for each column.
     *
     * @param label by which the table is found, and read out
     */
    record Table(String label, List<Column> columns, List<List<Cell>> rows) implements Block {
        public Table {
            columns = List.copyOf(columns);
            rows = rows.stream().map(List::copyOf).toList();
            for (List<Cell> row : rows) {
                if (row.size() != columns.size()) {
                    throw new IllegalArgumentException(
                            label + ": a row of " + row.size() + " cells under " + columns.size() + " columns");
                }
            }
        }

        @Override
        public <E extends Exception> void shownBy(Renderer<E> renderer) throws E {
            renderer.table(this);
        }
    }

    /**
     * Colours beside one another.
     *
     * @param label what they are
     */
    record Patches(String label, List<Patch> patches) implements Block {
        public Patches {
            patches = List.copyOf(patches);
        }

        @Override
        public <E extends Exception> void shownBy(Renderer<E> renderer) throws E {
            renderer.patches(this);
        }
    }

    /**
     * One colour.
     *
     * @param text its name
     * @param aside what is said of it more quietly; empty where nothing is
     */
    record Patch(String colour, String text, String aside, Mark mark) {}

    /**
     * A drawing in millimetres from its upper left corner, y downwards.
     *
     * @param told what is seen in it, in words
     * @param shape corners of the outline that is put down, x and y in turn; empty where none is
     * @param laid where it lies
     * @param boxes what is drawn with straight sides
     */
    record Sketch(String told, double wideMm, double highMm, double[] shape, List<PutDown> laid, List<Box> boxes)
            implements Block {
        public Sketch {
            shape = shape.clone();
            laid = List.copyOf(laid);
            boxes = List.copyOf(boxes);
        }

        @Override
        public <E extends Exception> void shownBy(Renderer<E> renderer) throws E {
            renderer.sketch(this);
        }
    }

    /**
     * A flower from above, in millimetres from its middle, y downwards.
     *
     * @param told what is seen in it, in words
     * @param radiusMm of all that is drawn
     * @param shapes undermost first
     */
    record FlowerDrawn(String told, double radiusMm, List<Turned> shapes) implements Block {
        public FlowerDrawn {
            shapes = List.copyOf(shapes);
        }

        @Override
        public <E extends Exception> void shownBy(Renderer<E> renderer) throws E {
            renderer.flower(this);
        }
    }

    /**
     * A shape laid round the middle.
     *
     * @param shape corners of its outline, x and y in turn
     * @param turnsDeg how often and how far it is turned, clockwise as the page is read
     * @param colour sRGB; none where it is only a pale line, of what is there already
     */
    record Turned(double[] shape, double[] turnsDeg, Optional<String> colour) {
        public Turned {
            shape = shape.clone();
            turnsDeg = turnsDeg.clone();
        }
    }

    /** A place of the outline; turned clockwise as the page is read. */
    record PutDown(double x, double y, double turnDeg) {}

    /**
     * A box, or a text alone where it has no width.
     *
     * @param label within it, left out where it has no room
     * @param spare whether it is what is left over
     */
    record Box(double x, double y, double wideMm, double highMm, String label, boolean spare) {}
}
