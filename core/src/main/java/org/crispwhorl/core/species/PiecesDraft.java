package org.crispwhorl.core.species;

import java.util.Optional;
import org.crispwhorl.core.drying.Lying;
import org.crispwhorl.core.outline.Outline;

/** Pieces while they are being changed. */
public final class PiecesDraft {
    public int count;
    public int fewerCount;
    public Outline outline;
    public Making making;
    public Edge edge;
    public double quillDeg;
    public double foldDeg;
    public double opensDeg;
    public Optional<Former> former;
    public Optional<Veiner> veiner;
    public Place place;
    public Overlap overlap;
    public Attachment attachment;
    public Lying drying;
    public Joining joining;
    public Optional<Ridges> ridges;
    public Optional<Carried> carries;
    public Optional<Lining> lining;
    public Optional<Choices> techniques;

    PiecesDraft(Pieces p) {
        count = p.count();
        fewerCount = p.fewerCount();
        outline = p.outline();
        making = p.making();
        edge = p.edge();
        quillDeg = p.quillDeg();
        foldDeg = p.foldDeg();
        opensDeg = p.opensDeg();
        former = p.former();
        veiner = p.veiner();
        place = p.place();
        overlap = p.overlap();
        attachment = p.attachment();
        drying = p.drying();
        joining = p.joining();
        ridges = p.ridges();
        carries = p.carries();
        lining = p.lining();
        techniques = p.techniques();
    }

    Pieces made() {
        return new Pieces(
                count,
                fewerCount,
                outline,
                making,
                ridges,
                edge,
                lining,
                carries,
                quillDeg,
                foldDeg,
                opensDeg,
                veiner,
                former,
                drying,
                attachment,
                joining,
                place,
                overlap,
                techniques);
    }
}
