package org.crispwhorl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.Leaf;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Place;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Veiner;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.files.document.SpeciesDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class DemoSpeciesTest {
    private static Stream<Species> species() {
        return Api.demos().stream();
    }

    @DataProvider
    public Object[][] demos() {
        return species().map(s -> new Object[] {s.name(), s}).toArray(Object[][]::new);
    }

    /** Every kind of part, centre, making and joining that the schema knows is in a demo species. */
    @Test
    public void everyKindOccurs() {
        Set<String> met = new TreeSet<>();
        species().forEach(s -> SpeciesDocument.write(s).findValues("kind").forEach(k -> met.add(k.asString())));
        Set<String> known = new TreeSet<>();
        for (JsonNode definition : SpeciesDocument.schema().get("$defs")) {
            JsonNode kind = definition.at("/properties/kind/const");
            if (!kind.isMissingNode()) {
                known.add(kind.asString());
            }
        }
        known.removeAll(met);
        assertEquals(known, Set.of());
    }

    /** So is every choice of a ring: its place, its overlap, its veiner, its division, its treatment. */
    @Test
    public void everyChoiceOfARingOccurs() {
        var pieces = species()
                .flatMap(s -> s.petaled().stream())
                .map(Petaled::pieces)
                .toList();
        for (Overlap overlap : Overlap.values()) {
            assertTrue(pieces.stream().anyMatch(p -> p.overlap() == overlap), overlap.name());
        }
        for (Place.Rule rule : Place.Rule.values()) {
            assertTrue(
                    rule == Place.Rule.BEHIND
                            || pieces.stream().anyMatch(p -> p.place().rule() == rule),
                    rule.name());
        }
        for (OnePiece.Division division : OnePiece.Division.values()) {
            assertTrue(
                    pieces.stream().anyMatch(p -> p.making() instanceof OnePiece one && one.division() == division),
                    division.name());
        }
        for (Veiner.Sides sides : Veiner.Sides.values()) {
            assertTrue(
                    pieces.stream()
                            .anyMatch(p ->
                                    p.veiner().filter(v -> v.sides() == sides).isPresent()),
                    sides.name());
        }
        for (Leaf.Along along : Leaf.Along.values()) {
            assertTrue(
                    species()
                            .flatMap(s -> s.petaled().stream())
                            .anyMatch(p -> p instanceof Leaf leaf && leaf.along() == along),
                    along.name());
        }
        assertTrue(pieces.stream().anyMatch(p -> p.quillDeg() > 0), "quilled");
        assertTrue(pieces.stream().anyMatch(p -> p.foldDeg() > 0), "folded");
        assertTrue(pieces.stream().anyMatch(p -> p.edge().crestMm() > 0), "frilled");
        assertTrue(pieces.stream().anyMatch(p -> p.edge().turnedMm() > 0), "turned back");
        assertTrue(pieces.stream().anyMatch(p -> p.outline().notch() > 0), "notched");
        assertTrue(pieces.stream().anyMatch(p -> p.lining().isPresent()), "laminated");
        assertTrue(pieces.stream().anyMatch(p -> p.carries().isPresent()), "carrying a smaller petal");
        assertTrue(pieces.stream().anyMatch(p -> p.fewerCount() > 0), "a quick count");
    }

    @Test(dataProvider = "demos")
    public void itComesOutAboutAsWideAsItIsWanted(String name, Species species) {
        assertEquals(
                new Assessment(species, Conditions.USUAL).form().faceMm(), species.faceMm(), 0.05 * species.faceMm());
    }

    @Test(dataProvider = "demos")
    public void itIsReckonedWholeAndEveryFigureIsANumberWithItsReason(String name, Species species) {
        Reckoning reckoning = Reckoner.reckon(species, Conditions.USUAL);
        assertEquals(reckoning.parts().size(), species.parts().size());
        Stream.concat(reckoning.figures().stream(), reckoning.parts().stream().flatMap(p -> p.figures().stream()))
                .forEach(f -> {
                    assertTrue(Double.isFinite(f.value()), name + " " + f.key());
                    assertFalse(f.why().rule().isBlank(), f.key());
                });
        assertTrue(reckoning.plan().readyH() < 48, "ready in two days in the usual room");
    }

    @Test(dataProvider = "demos")
    public void whatIsFoundOnItCanBeMended(String name, Species species) {
        for (Finding finding : Findings.of(new Assessment(species, Conditions.USUAL))) {
            assertFalse(finding.fixes().isEmpty(), name + ": " + finding.title());
        }
    }

    @Test
    public void itsFacesCanBeToldApart() {
        var faces = species()
                .map(s -> Arrays.asList(
                        s.petaled().stream().map(p -> p.pieces().count()).toList(),
                        s.shades().get(0).strong()))
                .toList();
        assertEquals(faces.stream().distinct().count(), faces.size());
    }
}
