package org.crispwhorl.core.truths;

import static org.crispwhorl.core.truths.Truths.centre;
import static org.crispwhorl.core.truths.Truths.hands;
import static org.crispwhorl.core.truths.Truths.kinds;
import static org.crispwhorl.core.truths.Truths.plain;
import static org.crispwhorl.core.truths.Truths.wanted;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Close;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.colour.Colouring;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.form.Crossings;
import org.crispwhorl.core.form.FlowerForm;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.solid.Solid;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Calyx;
import org.crispwhorl.core.species.Carried;
import org.crispwhorl.core.species.Centre;
import org.crispwhorl.core.species.CentreForm;
import org.crispwhorl.core.species.Edge;
import org.crispwhorl.core.species.FineStamens;
import org.crispwhorl.core.species.Heads;
import org.crispwhorl.core.species.HollowedCone;
import org.crispwhorl.core.species.Joining;
import org.crispwhorl.core.species.Lobe;
import org.crispwhorl.core.species.OnePiece;
import org.crispwhorl.core.species.OpenedHead;
import org.crispwhorl.core.species.Opening;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.core.species.Overlap;
import org.crispwhorl.core.species.OwnCore;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Roll;
import org.crispwhorl.core.species.RollForm;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.core.thinning.Thinning;
import org.testng.annotations.Test;

/** Flowers that are rolled, snipped or carry something, as working makers build them, and what must come out. */
public class WholeTruthsTest {
    private static Roll rolled(String id, double longMm, double hollowMm, double openedMm) {
        return new Roll(
                id,
                id,
                Garden.PINK.id(),
                new RollForm.Strip(longMm, 36, true, 9, 5),
                1,
                0.4,
                hollowMm,
                openedMm,
                6,
                new Edge(3, 0.5, 0, 0, Edge.Finish.SMOOTH),
                Colouring.NONE);
    }

    @Test
    public void aRolledRoseIsItsCoilsAndTheirOpening() {
        Roll inner = rolled("inner", 180, 1, 0);
        Roll outer = rolled("outer", 200, 2 * inner.radiusMm(), 10);
        Species rose = wanted(Garden.species(50, inner, outer));
        assertTrue(
                kinds(rose).stream().noneMatch(k -> k.startsWith("STOP")),
                kinds(rose).toString());
        Close.within(1e-9, Garden.form(rose).faceMm(), 2 * (outer.radiusMm() + 10));
        Close.within(1e-9, Garden.form(rose).heightMm(), 18 - 6);
        double minutes = hands(rose);
        assertTrue(minutes >= 3 && minutes <= 7.5, "hands " + minutes);
        double paste = new Assessment(rose, Conditions.USUAL).pasteG(inner);
        double whole = inner.from().areaMm2() * 1 * 1.38 / 1000;
        Close.within(1e-6, paste, whole);
    }

    @Test
    public void aFanClosedOnceIsARingOfItsPetals() {
        RollForm.PetalFan fan = new RollForm.PetalFan(5, Outline.of(52, 38, 0.6, 0.5, 2.4), 0.34, true);
        Roll closed = new Roll("fan", "fan", Garden.PINK.id(), fan, 1, 0, 0, 12, 0, Edge.PLAIN, Colouring.NONE);
        Close.within(1e-9, closed.turns(), 1);
        Close.within(0.05, closed.radiusMm(), 5 * 38 * (1 - 0.34) / (2 * Math.PI));
        Species ring = wanted(Garden.species(50, closed));
        Close.within(1e-9, Garden.form(ring).faceMm(), 2 * (closed.radiusMm() + 12));
    }

    /** Five petals snipped from a cone, six stamens pushed in soft: no wire, a foot to push into the cake. */
    @Test
    public void aBlossomWithoutAWireIsPushedInByItsFoot() {
        Pieces snipped = Garden.petals(5, 14, 10, 60).with(d -> {
            d.making = new HollowedCone(0.8, 14, 5);
            d.attachment = new Attachment.Threaded();
            d.former = Optional.empty();
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.SOFT);
        });
        Species blossom = wanted(Garden.species(30, plain("blossom", snipped)));
        assertTrue(
                kinds(blossom).stream().noneMatch(k -> k.startsWith("STOP") || k.contains("stem")),
                kinds(blossom) + "");
        List<Figure> figures = Reckoner.reckon(blossom, Conditions.USUAL).figures();
        assertTrue(figures.stream().noneMatch(f -> f.key().equals("stem")), "no stem");
        assertEquals(Figure.find(figures, "foot").value(), 14.0);
        double minutes = hands(Garden.and(blossom, Garden.pushedIn(6)));
        assertTrue(minutes >= 2 && minutes <= 4, "hands " + minutes);
    }

    /** A folded ball glued on each petal: more paste, of its own shade, for every one. */
    @Test
    public void aPetalThatIsCarriedIsMixedAndWeighedWithEveryPiece() {
        Pieces plain = Garden.petals(5, 30, 26, 70);
        double ball = Math.PI * Math.pow(12, 3) / 6;
        double area = new Carried(Garden.PALE.id(), 20, 16, 1).outline().areaMm2();
        Pieces carrying = plain.with(d -> d.carries = Optional.of(new Carried(Garden.PALE.id(), 20, 16, ball / area)));
        Species without = Garden.species(70, Garden.ring("petals", plain));
        Species with = Garden.species(70, Garden.ring("petals", carrying));
        double more = new Assessment(with, Conditions.USUAL)
                        .pieceG(with.part("petals").orElseThrow())
                - new Assessment(without, Conditions.USUAL)
                        .pieceG(without.part("petals").orElseThrow());
        Close.within(0.01, more, 1.25);
        assertTrue(hands(with) > hands(without) + 1, "each is set on its petal");
    }

    /** A centre coated in crumb bears no steam; petals that are steamed before it is set do it no harm. */
    @Test
    public void onlyThePetalsOfACrumbCentreAreSteamed() {
        Centre crumb = centre(new CentreForm.Disc(14, 4, CentreForm.Disc.Coat.CRUMB), 20);
        Species flower = wanted(Garden.species(70, crumb, Garden.ring("petals", Garden.petals(6, 30, 28, 70))));
        Species petals = flower.withFinishing(Species.Finishing.STEAM_PETALS);
        assertTrue(
                kinds(petals).stream().noneMatch(k -> k.contains("steam")),
                kinds(petals).toString());
        List<Finding> whole =
                Findings.of(new Assessment(flower.withFinishing(Species.Finishing.STEAM), Conditions.USUAL)).stream()
                        .filter(f -> f.kind().equals("steam-on-coat"))
                        .toList();
        assertEquals(whole.size(), 1);
        assertTrue(
                whole.get(0).fixes().stream().anyMatch(m -> m.label().contains("petals")),
                whole.get(0).fixes().toString());
    }

    /** Single heads on fine taped wires, all to one side, one of them longer. */
    @Test
    public void fineStamensStandToOneSide() {
        FineStamens five = new FineStamens(
                        "fine", "stamens", Garden.PALE.id(), 5, 33, 20, 6, 3, 1.2, 4, 60, Colouring.NONE)
                .spreadOver(60);
        Species flower = wanted(Garden.species(
                70, centre(new CentreForm.Ball(6), 20), five, Garden.ring("petals", Garden.petals(5, 30, 30, 70))));
        assertTrue(
                kinds(flower).stream().noneMatch(k -> k.contains("stamens")),
                kinds(flower).toString());
        assertEquals(five.wireCuts().stream().mapToInt(w -> w.count()).sum(), 5, "a wire for each");
        assertTrue(five.strand(Garden.form(flower).wireTable()).taped(), "taped in");
        double side = Garden.form(flower).solids(five).stream()
                .filter(s -> s instanceof Solid.Grains)
                .flatMap(s -> ((Solid.Grains) s).places().stream())
                .mapToDouble(p -> p[0])
                .min()
                .orElseThrow();
        assertTrue(side > 0, "none stands on the other side");
    }

    /** One cut of a lip, a keel and two sides round a soft bud, as peas and their like are made. */
    private static Species folded() {
        Pieces lip = Garden.petals(1, 30, 26, 120).with(d -> {
            d.making = new OnePiece(
                    new Thinning(1, 0.6),
                    4,
                    OnePiece.Division.WHOLE,
                    0,
                    List.of(
                            new Lobe(Outline.of(18, 14, 0.5, 0.4, 2), 1, 180, 5, Optional.empty()),
                            new Lobe(Outline.of(20, 18, 0.6, 0.3, 2), 2, 90, 45, Optional.empty())));
            d.attachment = new Attachment.Threaded(0.2, 0.3);
            d.overlap = Overlap.TUCKED;
            d.former = Optional.empty();
            d.drying = new Lying.Hung();
            d.joining = new Joining(
                    Joining.As.SOFT,
                    Joining.Onto.SOFT,
                    new Joining.Rest(Joining.Rest.Until.HOLDS, 0, Joining.Rest.Position.HANGING));
        });
        Centre stalked = centre(new CentreForm.Teardrop(6, 12), 28).withStem(28, 1, 25);
        return wanted(Garden.species(50, stalked, plain("blossom", lip)));
    }

    @Test
    public void aFoldedBlossomIsOneCutOfUnlikeLobes() {
        Species blossom = folded();
        assertEquals(kinds(blossom), List.of(), kinds(blossom).toString());
        double minutes = hands(blossom);
        assertTrue(minutes >= 2 && minutes <= 4, "hands " + minutes);
        Pieces pieces = blossom.petaled().get(0).pieces();
        assertEquals(blossom.petaled().get(0).pieceCount(), 4);
        assertEquals(pieces.units(), 1, "one press of one cutter");
        // Its paste is the area of the union: less than its lobes and its middle one by one, more than the lobes alone
        // without overlaps.
        double one = 4
                * new Assessment(blossom, Conditions.USUAL)
                        .pieceG(blossom.petaled().get(0))
                / 1.38e-3;
        double lobes = pieces.outline().areaMm2()
                + pieces.making().unlike().stream()
                        .mapToDouble(l -> l.count() * l.outline().areaMm2())
                        .sum();
        assertTrue(one < lobes + Math.PI * 4 && one > 0.85 * lobes, one + " of " + lobes);
        // Each lobe stands where it springs from: the lip back, the keel up, the sides to either side.
        FlowerForm form = Garden.form(blossom);
        assertEquals(form.rings().size(), 3);
        assertEquals(form.rings().get(0).azimuthsRad().length, 1);
        assertEquals(form.rings().get(2).azimuthsRad().length, 2);
        assertEquals(Crossings.of(form), List.of(), Crossings.of(form).toString());
        Species opening = OpeningStage.HALF.of(blossom, s -> Garden.form(s).faceMm());
        assertEquals(
                opening.petaled().get(0).pieces().cut(),
                pieces.cut(),
                "half open it is the same cut, standing up more");
    }

    private static Pieces sepals() {
        return Garden.petals(5, 12, 5, 60).with(d -> {
            d.attachment = new Attachment.Glued(0.4, 0.6, Optional.empty());
            d.former = Optional.empty();
            d.overlap = Overlap.APART;
            d.joining = Joining.of(Joining.As.SOFT, Joining.Onto.DRY);
        });
    }

    /** Buds are small flowers by themselves: a core, wraps of the flower's own cutter, a calyx. */
    @Test
    public void aSpikeOfBudsOnCoresOfTheirOwnIsCarriedByItsStem() {
        Opening buds =
                new Opening("buds", 5, 0.5, 1, 0, Optional.of(new OwnCore(new CentreForm.Teardrop(8, 16), 24, 2)));
        Opening open = new Opening("flowers", 4, 1, 1, 1);
        Species spike = wanted(Garden.species(
                60,
                centre(new CentreForm.Ball(7), 20),
                plain("petals", Garden.petals(5, 24, 20, 60)),
                new Calyx("calyx", "calyx", Garden.GREEN.id(), sepals(), Colouring.NONE),
                new Heads("heads", "spike", Heads.Arrangement.SPIKE, List.of(buds, open), 16, 8, 60, 20, 15, 18, 120)));
        assertTrue(kinds(spike).stream().noneMatch(k -> k.startsWith("STOP")), kinds(spike) + "");
        Species bud = OpenedHead.of(spike, buds);
        assertEquals(bud.centre().orElseThrow().gauge(), 24);
        assertEquals(bud.centre().orElseThrow().form(), new CentreForm.Teardrop(8, 16));
        assertEquals(bud.part("petals").orElseThrow().pieceCount(), 2);
        assertTrue(bud.part("calyx").isPresent());
        assertTrue(Garden.form(bud).faceMm() < 18, "closed: " + Garden.form(bud).faceMm());
        Species fewer = OpenedHead.of(
                spike, new Opening("cores", 1, 0.5, 1, 0, Optional.of(new OwnCore(new CentreForm.Ball(6), 26, 0))));
        assertTrue(fewer.part("petals").isEmpty());
    }
}
