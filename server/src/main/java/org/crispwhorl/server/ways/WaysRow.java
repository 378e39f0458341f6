package org.crispwhorl.server.ways;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.crispwhorl.server.studio.KeptColumn;

/** The one row that keeps the studio's ways, as JSON. */
@Entity
@Table(name = "ways")
class WaysRow {
    static final int ONLY = 1;

    @Id
    private int id = ONLY;

    @Column(length = KeptColumn.LONGEST)
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
