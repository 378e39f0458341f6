package org.crispwhorl.core.finding;

import static org.crispwhorl.core.finding.Faults.BUD;
import static org.crispwhorl.core.finding.Faults.DAMP;
import static org.crispwhorl.core.finding.Faults.ROSE;
import static org.crispwhorl.core.finding.Faults.USUAL;
import static org.crispwhorl.core.finding.Faults.hiddenRing;
import static org.crispwhorl.core.finding.Faults.wired;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Former;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.studio.Kit;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FindingsTest {

    private static List<Finding> found(Species species, Conditions conditions) {
        return Findings.of(new Assessment(species, conditions));
    }

    @Test
    public void nothingIsFoundOnASoundRose() {
        assertEquals(found(ROSE, USUAL), List.of());
    }

    @Test
    public void nothingIsFoundOnASoundBud() {
        assertEquals(found(BUD, USUAL), List.of());
    }

    @DataProvider
    Object[][] faults() {
        return Faults.all();
    }

    @Test(dataProvider = "faults")
    public void theFaultIsFoundWithItsFigures(
            String kind, Species species, Conditions conditions, String part, Severity severity) {
        Finding finding = only(kind, species, conditions);
        assertEquals(finding.severity(), severity);
        assertEquals(finding.partId(), part.isEmpty() ? Optional.empty() : Optional.of(part));
        assertFalse(finding.why().inputs().isEmpty(), "figures");
        assertFalse(finding.title().isBlank());
    }

    @Test(dataProvider = "faults")
    public void nothingElseIsFoundOnThatDesign(
            String kind, Species species, Conditions conditions, String part, Severity severity) {
        assertEquals(
                found(species, conditions).stream()
                        .map(Finding::kind)
                        .distinct()
                        .toList()
                        .toString(),
                "[" + kind + "]");
    }

    @Test(dataProvider = "faults")
    public void everyFixMakesTheFindingGo(
            String kind, Species species, Conditions conditions, String part, Severity severity) {
        Finding finding = only(kind, species, conditions);
        assertFalse(finding.fixes().isEmpty(), kind + " has no mend");
        for (Fix fix : finding.fixes()) {
            assertTrue(
                    found(fix.species(), conditions.withRoom(fix.room())).stream()
                            .noneMatch(finding::sameMatter),
                    fix.label());
        }
    }

    private static Finding only(String kind, Species species, Conditions conditions) {
        List<Finding> of = found(species, conditions).stream()
                .filter(f -> f.kind().equals(kind))
                .toList();
        assertEquals(of.size(), 1, kind + " in " + found(species, conditions));
        return of.get(0);
    }

    @Test
    public void aHiddenRingIsToldWhichRingHidesItAndThatOneCanBeOpened() {
        Finding finding = only("ring-hidden", hiddenRing(), USUAL);
        assertEquals(finding.title(), "Hidden by large");
        Species closed = Garden.species(
                50,
                Garden.ball(6),
                Garden.ring("inner", Garden.apart(Garden.petals(5, 16, 13, 60))),
                Garden.ring(
                        "outer",
                        Garden.petals(6, 38, 32, 20)
                                .withFormer(Optional.of(new Former("cup", 20, 19, Former.Side.CUPS_IN)))));
        Finding hidden = only(
                "ring-hidden", closed.withFaceMm(Math.round(Garden.form(closed).faceMm())), USUAL);
        assertTrue(
                hidden.fixes().stream().anyMatch(m -> m.label().startsWith("open outer to ")),
                hidden.fixes().toString());
    }

    @Test
    public void aHookHoldsWhereAStraightEndPullsOut() {
        assertTrue(
                found(wired(new Attachment.Wired(28, 4, 3, 0, 80, 0.9)), USUAL).isEmpty());
        assertEquals(
                only("hold-too-short", wired(new Attachment.Wired(28, 4, 0, 0, 80, 0.9)), USUAL)
                        .severity(),
                Severity.CHECK);
    }

    @Test
    public void fewFormersSayInHowManyTurnsTheRingDries() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock("shallow cup", 2)));
        Finding finding = only("few-formers", ROSE, USUAL.withKit(kit));
        assertEquals(finding.title(), "Dries in 3 turns");
        assertEquals(finding.severity(), Severity.CHECK);
    }

    @Test
    public void aKitThatOwnsNoneOfTheFormersStops() {
        Kit kit = Kit.USUAL.withFormers(List.of(new Kit.FormerStock("shallow cup", 0)));
        assertEquals(only("few-formers", ROSE, USUAL.withKit(kit)).severity(), Severity.STOP);
    }

    @Test
    public void stopsComeBeforeLooks() {
        Species both = Garden.changed(
                wired(new Attachment.Wired(28, 32, 0, 0, 80, 0.9)),
                "leaves",
                p -> p.withThinning(new Thinning(1, 0.3)));
        List<Finding> all = found(both, USUAL);
        assertEquals(all.get(0).severity(), Severity.STOP);
        assertEquals(all.get(all.size() - 1).severity(), Severity.CHECK);
    }

    @Test
    public void petalsThatAreMeantToStandApartLeaveNoGap() {
        Species apart = Garden.changed(
                ROSE, "petals", p -> Garden.apart(p.withOutline(p.outline().withWidth(12))));
        assertTrue(found(apart, USUAL).stream().noneMatch(f -> f.kind().equals("ring-gap")));
    }

    @Test
    public void aFixOfTheRoomLeavesTheDesignAlone() {
        Finding finding = only("never-dries", ROSE, DAMP);
        for (Fix fix : finding.fixes()) {
            assertEquals(fix.species(), ROSE);
            assertFalse(fix.room().equals(DAMP.room()));
        }
    }
}
