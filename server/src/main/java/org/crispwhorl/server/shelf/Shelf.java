package org.crispwhorl.server.shelf;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.crispwhorl.core.species.OpeningStage;
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
    public record Kept(
            UUID id,
            Species species,
            String document,
            long version,
            boolean aside,
            Instant updatedAt,
            Optional<StageOf> stageOf) {}

    /**
     * What a species is a stage of.
     *
     * @param fullId the full flower's species
     */
    public record StageOf(UUID fullId, OpeningStage stage) {}

    /**
     * A stage of opening of a species.
     *
     * @param species by rule, or as the studio changed it
     * @param ownId the species that the studio made of it; empty where the rule holds
     */
    public record Opened(OpeningStage stage, Species species, Optional<UUID> ownId) {}

    /** A species at every stage; the full flower is the species itself. */
    @Transactional(readOnly = true)
    public List<Opened> stages(UUID id) {
        Species full = get(id).species();
        return Arrays.stream(OpeningStage.values())
                .map(stage -> stage == OpeningStage.FULL
                        ? new Opened(stage, full, Optional.of(id))
                        : rows.findByFullFlowerAndStage(id, stage)
                                .map(row -> new Opened(stage, kept(row).species(), Optional.of(row.id())))
                                .orElseGet(() -> new Opened(stage, stage.of(full), Optional.empty())))
                .toList();
    }

    /** The studio's own species of a stage, made by the rule where there is none yet; it may then be changed like any other. */
    @Transactional
    public Kept ownStage(UUID id, OpeningStage stage) {
        Kept full = get(id);
        if (stage == OpeningStage.FULL) {
            return full;
        }
        return rows.findByFullFlowerAndStage(id, stage).map(Shelf::kept).orElseGet(() -> {
            Species opened = stage.of(full.species());
            SpeciesRow row = new SpeciesRow(UUID.randomUUID(), opened.name(), SpeciesDocument.writeText(opened));
            row.setStage(id, stage);
            return kept(rows.saveAndFlush(row));
        });
    }

    /** Lets the rule hold again for a stage: what the studio made of it stands by itself, put aside. */
    @Transactional
    public void stageByRule(UUID id, OpeningStage stage) {
        get(id);
        rows.findByFullFlowerAndStage(id, stage).ifPresent(row -> {
            row.setStage(null, null);
            row.setAside(true);
            rows.saveAndFlush(row);
        });
    }

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
                row.id(),
                species,
                SpeciesDocument.writeText(species),
                row.version(),
                row.aside(),
                row.updatedAt(),
                Optional.ofNullable(row.fullFlower()).map(full -> new StageOf(full, row.stage())));
    }
}
