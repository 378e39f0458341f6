package org.crispwhorl.core.truths;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.assessment.StemLoad;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.HeadsBuilder;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.OwnCore;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.wire.LoadedWire;
import org.crispwhorl.core.wire.MainStem;
import org.crispwhorl.core.wire.WireTable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Stems as makers wire them, and whether the program finds them strong enough: 0 clean, 1 a look, 2 a stop. */
public class StemTruthsTest {
    /** Of a stem so much stands free, mm. */
    private static final double FREE_MM = 50;

    private static int judged(MainStem stem) {
        return stem.carries() ? 0 : stem.asSetMpa() <= LoadedWire.USABLE_MPA ? 1 : 2;
    }

    private static double across(int gauge) {
        return WireTable.STANDARD.diameterMm(gauge);
    }

    /** A head whose middle is so far above the neck, on so many wires. */
    private static MainStem head(double g, double middleMm, int wires, int gauge) {
        return new MainStem(
                List.of(new MainStem.Weight(g, FREE_MM + middleMm)),
                List.of(),
                Collections.nCopies(wires, new MainStem.StemWire(across(gauge), -10)),
                FREE_MM);
    }

    private static MainStem spike() {
        Heads heads = Garden.spike(11, 20);
        Opening buds =
                new Opening("buds", 7, 0.4, 1, 0, Optional.of(new OwnCore(new CentreForm.Teardrop(8, 14), 24, 1)));
        Opening open = new Opening("flowers", 4, 0.9, 1, 1);
        Species species = Garden.species(
                50,
                Truths.centre(new CentreForm.Ball(7), 24),
                Truths.plain("petals", Garden.petals(5, 22, 18, 60)),
                HeadsBuilder.builder(heads).openings(List.of(buds, open)).build());
        return StemLoad.of(new Assessment(species, Conditions.USUAL));
    }

    private static MainStem skewer() {
        return new MainStem(
                List.of(new MainStem.Weight(14, FREE_MM + 25)),
                List.of(),
                List.of(MainStem.StemWire.skewer(3)),
                FREE_MM);
    }

    private static MainStem bunch() {
        Heads heads = HeadsBuilder.builder(Garden.spike(2, 24))
                .arrangement(Heads.Arrangement.BUNCH)
                .openings(List.of(new Opening("two more", 2, 1, 1, 1)))
                .build();
        Species species = Garden.species(
                40,
                Truths.centre(new CentreForm.Ball(7), 24),
                Truths.plain("petals", Garden.petals(5, 20, 16, 60)),
                heads);
        return StemLoad.of(new Assessment(species, Conditions.USUAL));
    }

    /** Number of the truth, the flower, how it is judged, from, to. */
    @DataProvider
    public Object[][] stems() {
        return new Object[][] {
            {127, "frilled, 10 g, on one 22", judged(head(10, 15, 1, 22)), 0, 1},
            {128, "two cuts, on one 20", judged(head(11, 18, 1, 20)), 0, 0},
            {130, "half of 25 g, on one 18", judged(head(25, 8, 1, 18)), 0, 0},
            {133, "seven petals on 26, no wire of its centre", judged(head(8, 6, 7, 26)), 0, 0},
            {136, "seven buds on 24, four flowers, all on 20", judged(spike()), 0, 0},
            {137, "on a skewer", judged(skewer()), 0, 0},
            {138, "three taped together, no main wire", judged(bunch()), 0, 0},
        };
    }

    @Test(dataProvider = "stems")
    public void aStemIsJudgedAsMakersWireIt(int truth, String flower, int judged, int from, int to) {
        assertTrue(judged >= from && judged <= to, truth + " " + flower + ": " + judged);
    }

    /** 139: half as large again it weighs 34 g, and asks for a 20 or an 18. */
    @Test
    public void aLargerFlowerAsksForAThickerStem() {
        assertTrue(!head(34, 22, 1, 22).carries());
        int asked = List.of(26, 24, 22, 20, 18, 16).stream()
                .filter(gauge -> head(34, 22, 1, gauge).carries())
                .findFirst()
                .orElseThrow();
        assertTrue(asked == 20 || asked == 18, asked + " gauge");
    }

    /** 140: what is pushed in or sits has no stem, and nobody finds anything of it. */
    @Test
    public void whatHasNoWireHasNoStem() {
        Centre bare = Truths.centre(new CentreForm.Cone(12, 18), 20).withStem(20, 0, 80);
        Species rose = Truths.wanted(Garden.species(
                50,
                bare,
                Truths.plain(
                        "petals",
                        Garden.petals(5, 24, 18, 50)
                                .with(d -> d.attachment = new Attachment.Glued(0.4, 0.6, Optional.empty())))));
        assertTrue(StemLoad.of(new Assessment(rose, Conditions.USUAL)).wires().isEmpty());
        assertTrue(Truths.kinds(rose).stream().noneMatch(k -> k.contains("main-stem")), Truths.kinds(rose) + "");
    }

    /** A wire bears from its joint down to its end, fading over a centimetre at both. */
    @Test
    public void aWireBearsFromItsJointToItsEnd() {
        MainStem stem = new MainStem(List.of(), List.of(), List.of(MainStem.StemWire.joined(1, 20, 60)), 80);
        double whole = Math.PI / 32;
        assertEquals(stem.modulusMm3(40), whole, 1e-12);
        assertEquals(stem.modulusMm3(25), whole / 2, 1e-12);
        assertEquals(stem.modulusMm3(55), whole / 2, 1e-12);
        assertEquals(stem.modulusMm3(70), 0, 1e-12);
        assertEquals(stem.modulusMm3(10), 0, 1e-12);
    }

    /** The wires of heads run down to the foot, or as far as they are taped: their length and the thickness of the stem follow. */
    @Test
    public void wiresOfHeadsRunDownTheStem() {
        Heads heads = Garden.spike(10, 20);
        Opening tip = heads.openings().get(0);
        assertEquals(heads.wireBelowMm(tip), heads.stalkMm() + heads.alongMm() + heads.stemMm(), 8);
        assertEquals(heads.withTail(30).wireBelowMm(tip), heads.stalkMm() + 30, 1e-9);
        Species species = Garden.and(Garden.rose(), heads);
        double thick = Garden.form(species).stemMm();
        assertTrue(
                thick
                        > Garden.form(Garden.and(Garden.rose(), heads.withTail(5)))
                                        .stemMm()
                                + 0.5,
                "thick " + thick);
    }
}
