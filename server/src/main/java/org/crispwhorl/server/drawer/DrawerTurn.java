package org.crispwhorl.server.drawer;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The one row on which changes to the drawer wait for each other. */
@Entity
@Table(name = "drawer")
class DrawerTurn {
    @Id
    private int id;

    private long version;

    protected DrawerTurn() {}

    /** One more change. */
    void count() {
        version++;
    }
}
