package org.crispwhorl.server.studio;

import jakarta.persistence.EntityManagerFactory;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;

/** Saved means saved: every change is forced to the disk before it is acknowledged. */
@Configuration(proxyBeanMethods = false)
class ForcedToDisk {
    @Bean
    JpaTransactionManager transactionManager(
            EntityManagerFactory entities,
            DataSource database,
            DiskRoom room,
            @Value("${crispwhorl.data}") Path folder) {
        return new Forcing(entities, new Forcer(database, folder), room);
    }

    /** Commits, then forces. */
    private static final class Forcing extends JpaTransactionManager {
        private static final long serialVersionUID = 1;

        private final transient Forcer forcer;
        private final transient DiskRoom room;

        Forcing(EntityManagerFactory entities, Forcer forcer, DiskRoom room) {
            super(entities);
            this.forcer = forcer;
            this.room = room;
        }

        @Override
        protected void doBegin(Object transaction, TransactionDefinition definition) {
            if (!definition.isReadOnly()) {
                room.check();
            }
            super.doBegin(transaction, definition);
        }

        @Override
        protected void doCommit(DefaultTransactionStatus status) {
            super.doCommit(status);
            if (!status.isReadOnly()) {
                forcer.force();
            }
        }
    }

    /** Forces what was committed; those who commit at the same moment share one turn of the disk. */
    private static final class Forcer {
        private final DataSource database;
        private final Path folder;
        private long asked;
        private long forced;
        private boolean forcing;

        Forcer(DataSource database, Path folder) {
            this.database = database;
            this.folder = folder;
        }

        void force() {
            long mine;
            long all;
            synchronized (this) {
                mine = ++asked;
                while (forcing && forced < mine) {
                    await();
                }
                if (forced >= mine) {
                    return;
                }
                forcing = true;
                all = asked;
            }
            boolean done = false;
            try {
                turn();
                done = true;
            } finally {
                synchronized (this) {
                    forcing = false;
                    forced = done ? Math.max(forced, all) : forced;
                    notifyAll();
                }
            }
        }

        private void await() {
            try {
                wait();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException("stopped while a change was on its way to the disk", e);
            }
        }

        private void turn() {
            try (Connection connection = database.getConnection();
                    Statement statement = connection.createStatement()) {
                long saves;
                try (ResultSet next = statement.executeQuery("select next value for saves")) {
                    next.next();
                    saves = next.getLong(1);
                }
                statement.execute("checkpoint sync");
                SavesSeen.note(folder, saves);
            } catch (SQLException e) {
                throw new StudioUnreachable(e);
            } catch (IOException e) {
                throw new StudioUnreachable(e);
            }
        }
    }
}
