package org.crispwhorl.core.order;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.assessment.StemPlan;
import org.crispwhorl.core.drawer.PickFit;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.paste.Batch;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.paste.Nesting;
import org.crispwhorl.core.wire.CuttingPlan;

/**
 * Everything that an order takes, sorted as it is taken out of the drawer.
 *
 * @param cuts by cutter, for those that are cut from a sheet
 * @param uncut pieces made without a cutter
 * @param wires by gauge, thickest first
 * @param pastes by medium
 * @param stems one for each species
 * @param stamens strands, for the order
 * @param bought what is bought ready-made, for the order
 * @param colours what is dusted and painted, and with what
 * @param service what goes with it to whoever serves it
 * @param shopping what the drawer lacks, and what it has
 */
public record Materials(
        List<CutterJob> cuts,
        List<OrderSheet.CutLine> uncut,
        List<WireJob> wires,
        List<PasteJob> pastes,
        List<StemJob> stems,
        List<OrderSheet.StamenLine> stamens,
        List<OrderSheet.BoughtLine> bought,
        ColourSheet colours,
        ServiceCard service,
        List<ShoppingLine> shopping) {
    /**
     * All cuts of one cutter from sheets of one thickness and shade.
     *
     * @param cutter name of the drawer's cutter for it, where it has one that fits
     * @param doing what to do with that cutter
     * @param lines what they are for
     * @param pieces cuts in all, spares included
     * @param nesting how they lie on the strip
     * @param stripMm length of strip that they take
     * @param notes what the nesting asks of the hand
     */
    public record CutterJob(
            Cut cut,
            double rolledMm,
            Optional<Double> setting,
            String shade,
            Optional<String> cutter,
            String doing,
            List<OrderSheet.CutLine> lines,
            int pieces,
            Nesting nesting,
            double stripMm,
            List<String> notes) {}

    /**
     * All wires of one gauge.
     *
     * @param pieces what is wanted, by length
     * @param owned whole wires in the drawer
     */
    public record WireJob(int gauge, List<OrderSheet.WireLine> pieces, CuttingPlan plan, int owned) {}

    /**
     * All paste of one medium.
     *
     * @param gumG gum powder that is kneaded into it; 0 where it needs none, or is bought with it
     */
    public record PasteJob(Medium medium, List<Batch> batches, int grams, double gumG) {}

    /** The stem of one species. */
    public record StemJob(String species, int flowers, StemPlan plan, List<PickFit> picks) {}

    /**
     * One line of the shopping list.
     *
     * @param what by the drawer's name for it
     * @param needed for the order
     * @param owned in the drawer
     * @param sign of both
     * @param cost what as much as is needed costs, by the drawer's prices; 0 where none is known, and of tools
     * @param lasts whether it is there afterwards as before: a tool, or what is counted out again
     * @param note how it came to be
     */
    public record ShoppingLine(
            String what, double needed, double owned, String sign, double cost, boolean lasts, String note) {
        /** What is missing, 0 or more. */
        public double missing() {
            return Math.max(0, needed - owned);
        }
    }

    /** Tape of all stems, of the drawer's width, mm. */
    public double tapeMm() {
        return stems.stream().mapToDouble(s -> s.flowers() * s.plan().tapeMm()).sum();
    }
}
