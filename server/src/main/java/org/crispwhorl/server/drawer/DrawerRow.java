package org.crispwhorl.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.crispwhorl.server.studio.KeptColumn;

/** One thing in the drawer. */
@Entity
@Table(name = "drawer_item")
class DrawerRow {
    @Id
    private UUID id;

    private long place;

    @Column(length = KeptColumn.LONGEST)
    private String document;

    @Version
    private Long version;

    protected DrawerRow() {}

    DrawerRow(UUID id, long place, String document) {
        this.id = id;
        this.place = place;
        this.document = document;
    }

    UUID id() {
        return id;
    }

    String document() {
        return document;
    }

    long version() {
        return version == null ? 0 : version;
    }

    void keep(String changed) {
        document = changed;
    }
}
