package org.crispwhorl.server.shelf;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.SpeciesDocument;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.TwoVersions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The species that the studio keeps. */
@Service
public class Shelf {
    private final SpeciesRows rows;
    private final JsonMapper json;

    Shelf(SpeciesRows rows, JsonMapper json) {
        this.rows = rows;
        this.json = json;
    }

    /** A species as it is kept; its document is of the present version, whichever it was kept in. */
    public record Kept(UUID id, Species species, String document, long version, boolean aside, Instant updatedAt) {}

    @Transactional(readOnly = true)
    public List<Kept> all() {
        return rows.findAllByOrderByNameAsc().stream().map(Shelf::kept).toList();
    }

    @Transactional(readOnly = true)
    public Kept get(UUID id) {
        return kept(row(id));
    }

    @Transactional
    public Kept add(Species species) {
        return kept(rows.saveAndFlush(
                new SpeciesRow(UUID.randomUUID(), species.name(), SpeciesDocument.writeText(species))));
    }

    /**
     * Keeps a changed species.
     *
     * @param version the version that the change was made from
     * @throws TwoVersions where another one is kept by now
     */
    @Transactional
    public Kept change(UUID id, long version, Species species) {
        SpeciesRow row = row(id);
        if (row.version() != version) {
            throw new TwoVersions(
                    version, row.version(), json.readTree(kept(row).document()));
        }
        row.keep(species.name(), SpeciesDocument.writeText(species));
        return kept(rows.saveAndFlush(row));
    }

    /** Puts a species aside, or back on the shelf; it is never thrown away. */
    @Transactional
    public Kept setAside(UUID id, boolean aside) {
        SpeciesRow row = row(id);
        row.setAside(aside);
        return kept(rows.saveAndFlush(row));
    }

    private SpeciesRow row(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotThere("species", id));
    }

    private static Kept kept(SpeciesRow row) {
        Species species = SpeciesDocument.readText(row.document());
        return new Kept(
                row.id(), species, SpeciesDocument.writeText(species), row.version(), row.aside(), row.updatedAt());
    }
}
