package org.crispwhorl.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.crispwhorl.core.species.OpeningStage;
import org.crispwhorl.server.studio.KeptColumn;

/** A kept species: its document, and the version that every change counts up. */
@Entity
@Table(name = "species")
class SpeciesRow {
    @Id
    private UUID id;

    @Column(length = 80)
    private String name;

    @Column(length = KeptColumn.LONGEST)
    private String document;

    /** What the shelf shows of it, as JSON, and by which program that was drawn. */
    @Column(length = KeptColumn.LONGEST)
    private String card;

    @Column(name = "card_by", length = 80)
    private String cardBy;

    private boolean archived;

    @Version
    private Long version;

    @Column(name = "updated_at")
    private Instant updatedAt;

    @Column(name = "full_flower")
    private UUID fullFlower;

    @Enumerated(EnumType.STRING)
    @Column(length = 8)
    private OpeningStage stage;

    protected SpeciesRow() {}

    SpeciesRow(UUID id, String name, String document, Instant at) {
        this.id = id;
        keep(name, document, at);
    }

    void keep(String newName, String newDocument, Instant at) {
        name = newName;
        document = newDocument;
        updatedAt = at;
    }

    /** Keeps what the shelf shows of it. */
    void show(String newCard, String drawnBy) {
        card = newCard.length() <= KeptColumn.LONGEST ? newCard : null;
        cardBy = drawnBy;
    }

    String card() {
        return card;
    }

    String cardBy() {
        return cardBy;
    }

    /** Makes it a stage of another species, or one that stands by itself. */
    void setStage(UUID ofFullFlower, OpeningStage ofStage) {
        fullFlower = ofFullFlower;
        stage = ofStage;
    }

    void archive(boolean put) {
        archived = put;
    }

    UUID fullFlower() {
        return fullFlower;
    }

    OpeningStage stage() {
        return stage;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    String document() {
        return document;
    }

    boolean archived() {
        return archived;
    }

    long version() {
        return version == null ? 0 : version;
    }

    Instant updatedAt() {
        return updatedAt;
    }
}
