package org.crispwhorl.server.ways;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The one row that keeps the studio's ways, as JSON. */
@Entity
@Table(name = "ways")
class WaysRow {
    static final int ONLY = 1;

    @Id
    private int id = ONLY;

    @Lob
    private String chosen;

    @Version
    private Long version;

    protected WaysRow() {}

    String chosen() {
        return chosen;
    }

    void keep(String newlyChosen) {
        chosen = newlyChosen;
    }
}
