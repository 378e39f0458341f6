package org.crispwhorl.server.shelf;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.problem.TwoVersions;
import org.crispwhorl.server.studio.KeptColumn;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The species that the studio keeps. */
@Service
public class Shelf {
    private static final Logger LOG = LoggerFactory.getLogger(Shelf.class);

    private final SpeciesRows rows;
    private final CardDrawer drawer;
    private final JsonMapper json;
    private final Clock clock;

    Shelf(SpeciesRows rows, CardDrawer drawer, JsonMapper json, Clock clock) {
        this.clock = clock;
        this.rows = rows;
        this.drawer = drawer;
        this.json = json;
    }

    /** A species as it is kept; its document is of the present version, whichever it was kept in. */
    public record Kept(UUID id, Species species, String document, long version) {}

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
                                .orElseGet(() -> new Opened(stage, stage.of(full, drawer::faceMm), Optional.empty())))
                .toList();
    }

    /** The studio's own species of a stage, made by the rule where there is none yet; it may then be changed like any other. */
    @Transactional
    public SpeciesCard ownStage(UUID id, OpeningStage stage) {
        SpeciesRow full = held(id);
        if (stage == OpeningStage.FULL) {
            return card(full);
        }
        return card(rows.findByFullFlowerAndStage(id, stage).orElseGet(() -> {
            Species opened = stage.of(kept(full).species(), drawer::faceMm);
            SpeciesRow row = fresh(opened);
            row.setStage(id, stage);
            return rows.saveAndFlush(row);
        }));
    }

    /** Lets the rule hold again for a stage: what the studio made of it stands by itself, archived. */
    @Transactional
    public void stageByRule(UUID id, OpeningStage stage) {
        held(id);
        rows.findByFullFlowerAndStage(id, stage).ifPresent(row -> {
            row.setStage(null, null);
            row.archive(true);
            rows.saveAndFlush(row);
        });
    }

    /** Every species as it stands on the shelf; one that cannot be read says so and hides no other. */
    @Transactional(readOnly = true)
    public List<SpeciesCard> cards() {
        String drawnBy = drawer.drawnBy();
        return rows.findAllByOrderByNameAsc().stream()
                .map(row -> card(row, drawnBy))
                .toList();
    }

    @Transactional(readOnly = true)
    public SpeciesCard card(UUID id) {
        return card(row(id));
    }

    /** Draws the cards anew that another program drew, or that were drawn of other wires, so that lists need not. */
    @Scheduled(initialDelayString = "PT2S")
    @Transactional
    public void drawCards() {
        String drawnBy = drawer.drawnBy();
        for (SpeciesRow row : rows.findAllByOrderByNameAsc()) {
            if (drawer.kept(row, drawnBy).isEmpty()) {
                card(row, drawnBy)
                        .drawn()
                        .map(drawer::text)
                        .filter(card -> card.length() <= KeptColumn.LONGEST)
                        .ifPresent(card -> rows.show(row.id(), row.version(), card, drawnBy));
            }
        }
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return rows.count() == 0;
    }

    /** Those of some species that are not on the shelf. */
    @Transactional(readOnly = true)
    public Set<UUID> missing(Set<UUID> wanted) {
        return wanted.stream().filter(id -> !rows.existsById(id)).collect(Collectors.toSet());
    }

    /**
     * One species.
     *
     * @throws DocumentFault where it cannot be read
     */
    @Transactional(readOnly = true)
    public Kept get(UUID id) {
        return kept(row(id));
    }

    /** One species where it can be read. */
    @Transactional(readOnly = true)
    public Optional<Species> readable(UUID id) {
        SpeciesRow row = row(id);
        try {
            return Optional.of(kept(row).species());
        } catch (DocumentFault e) {
            return Optional.empty();
        }
    }

    /** The name under which a species is kept, whether it can be read or not. */
    @Transactional(readOnly = true)
    public String name(UUID id) {
        return row(id).name();
    }

    /** The document just as it is kept, whether it can be read or not. */
    @Transactional(readOnly = true)
    public String asKept(UUID id) {
        return row(id).document();
    }

    @Transactional
    public SpeciesCard add(Species species) {
        return card(rows.saveAndFlush(fresh(species)));
    }

    private SpeciesRow fresh(Species species) {
        SpeciesRow row = new SpeciesRow(UUID.randomUUID(), species.name(), written(species), clock.instant());
        reckoned(() -> drawer.draw(row, species));
        return row;
    }

    /**
     * Keeps a changed species. It is reckoned before it is kept.
     *
     * @param version the version that the change was made from
     * @throws TwoVersions where another one is kept by now, unless it is this very one: then the answer had been lost
     */
    @Transactional
    public SpeciesCard change(UUID id, long version, Species species) {
        SpeciesRow row = row(id);
        String document = written(species);
        if (row.version() != version) {
            if (row.document().equals(document)) {
                return card(row);
            }
            throw new TwoVersions(version, row.version(), tree(row));
        }
        reckoned(() -> drawer.draw(row, species));
        row.keep(species.name(), document, clock.instant());
        return card(rows.saveAndFlush(row));
    }

    /** A species as it is kept, on one line. */
    private static String written(Species species) {
        String document = SpeciesDocument.write(species).toString();
        if (document.length() > KeptColumn.LONGEST) {
            throw DocumentFault.at(
                    "",
                    document.length() + " characters",
                    "a species of at most " + KeptColumn.LONGEST + " characters");
        }
        return document;
    }

    private static void reckoned(Supplier<?> drawing) {
        try {
            drawing.get();
        } catch (InvalidValue e) {
            throw DocumentFault.at(
                    "", "a flower that cannot be reckoned: " + e.field() + " comes to " + e.came(), e.expected());
        }
    }

    private JsonNode tree(SpeciesRow row) {
        try {
            return json.readTree(kept(row).document());
        } catch (DocumentFault e) {
            return json.stringNode(row.document());
        }
    }

    /** Puts a species archived, or back on the shelf; it is never thrown away. */
    @Transactional
    public SpeciesCard archive(UUID id, boolean archived) {
        SpeciesRow row = row(id);
        row.archive(archived);
        return card(rows.saveAndFlush(row));
    }

    private SpeciesRow row(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotThere("species", id));
    }

    private SpeciesRow held(UUID id) {
        return rows.held(id).orElseThrow(() -> new NotThere("species", id));
    }

    private SpeciesCard card(SpeciesRow row) {
        return card(row, drawer.drawnBy());
    }

    private SpeciesCard card(SpeciesRow row, String drawnBy) {
        List<DocumentFault.Fault> faults = new ArrayList<>();
        Optional<SpeciesCard.Drawn> drawn = drawer.kept(row, drawnBy).or(() -> drawn(row, faults));
        return new SpeciesCard(
                row.id(), row.name(), row.version(), row.archived(), row.updatedAt(), drawn, faults, stageOf(row));
    }

    /** What cannot be read or reckoned, for whatever reason, is told on its own card. */
    private Optional<SpeciesCard.Drawn> drawn(SpeciesRow row, List<DocumentFault.Fault> faults) {
        try {
            return Optional.of(drawer.drawn(kept(row).species()));
        } catch (DocumentFault e) {
            faults.addAll(e.faults());
        } catch (RuntimeException e) {
            LOG.error("The species {} cannot be reckoned.", row.id(), e);
            faults.add(new DocumentFault.Fault("", "a flower that cannot be reckoned", "another"));
        }
        return Optional.empty();
    }

    private static Optional<StageOf> stageOf(SpeciesRow row) {
        return Optional.ofNullable(row.fullFlower()).map(full -> new StageOf(full, row.stage()));
    }

    private static Kept kept(SpeciesRow row) {
        Species species = SpeciesDocument.readText(row.document());
        return new Kept(row.id(), species, SpeciesDocument.writeText(species), row.version());
    }
}
