package org.crispwhorl.server.choices;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.crispwhorl.server.studio.KeptColumn;

/** The row that keeps one choice of the studio; it is there from the start. */
@Entity
@Table(name = "choice")
class ChoiceRow {
    @Id
    private String name;

    @Column(length = KeptColumn.LONGEST)
    private String chosen;

    @Version
    private Long version;

    protected ChoiceRow() {}

    String chosen() {
        return chosen;
    }

    long version() {
        return version == null ? 0 : version;
    }

    void keep(String newlyChosen) {
        chosen = newlyChosen;
    }
}
