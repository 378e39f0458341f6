package org.crispwhorl.benchmarks;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Ring;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.document.SpeciesDocument;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The whole reckoning of a species in the core, 120 petals in 12 rings among them, drawing geometry and tried mends included. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SpeciesBenchmark {
    @Param({"towpath-camellia", "lockside-hellebore", "weir-delphinium", "great-double"})
    public String species;

    private Species design;
    private int turn;

    /** Reads a demo document from the class path. */
    public static String document(String name) throws IOException {
        try (InputStream in = SpeciesBenchmark.class.getResourceAsStream("/demo/" + name + ".json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A species with its inner rings alone, under another name. */
    static String smaller(String name, String called, int rings) throws IOException {
        Species whole = SpeciesDocument.readText(document(name));
        List<Part> kept = new ArrayList<>();
        int met = 0;
        for (Part part : whole.parts()) {
            met += part instanceof Ring ? 1 : 0;
            if (!(part instanceof Ring) || met <= rings) {
                kept.add(part);
            }
        }
        return SpeciesDocument.writeText(whole.withParts(kept).withName(called));
    }

    @Setup
    public void read() throws IOException {
        design = SpeciesDocument.readText(document(species));
    }

    /** Every ring leans otherwise than it ever did, so that nothing is known of it. */
    @Benchmark
    public Reckoning anew() {
        return Reckoner.reckon(leaning(r -> true), Conditions.USUAL);
    }

    /** The outermost ring alone leans otherwise. */
    @Benchmark
    public Reckoning oneRing() {
        List<Petaled> rings = design.petaled().stream().filter(Petaled::ring).toList();
        String outermost = rings.get(rings.size() - 1).id();
        return Reckoner.reckon(leaning(outermost::equals), Conditions.USUAL);
    }

    private Species leaning(Predicate<String> which) {
        turn = (turn + 1) % TURNS;
        Species changed = design;
        for (Petaled part : design.petaled()) {
            if (which.test(part.id())) {
                changed = changed.with(part.with(part.pieces()
                        .withOpensDeg(part.pieces().opensDeg()
                                - Math.copySign(A_HAIR_DEG * turn, part.pieces().opensDeg()))));
            }
        }
        return changed;
    }

    private static final int TURNS = 5000;
    private static final double A_HAIR_DEG = 1e-4;
}
