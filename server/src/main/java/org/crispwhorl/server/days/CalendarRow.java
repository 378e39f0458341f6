package org.crispwhorl.server.days;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.crispwhorl.core.calendar.Calendar;
import org.crispwhorl.core.calendar.Planned;
import org.crispwhorl.server.studio.KeptColumn;

/** The calendar that was last made of an order. */
@Entity
@Table(name = "order_calendar")
class CalendarRow {
    @Id
    @Column(name = "order_id")
    private UUID orderId;

    @Column(length = KeptColumn.LONGEST)
    private String planned;

    private LocalDateTime begins;

    private LocalDateTime ends;

    @Column(name = "evening_min")
    private Double eveningMin;

    protected CalendarRow() {}

    CalendarRow(UUID orderId) {
        this.orderId = orderId;
    }

    UUID orderId() {
        return orderId;
    }

    String planned() {
        return planned;
    }

    /** Keeps a plan, and in short when it begins, when all that it takes is free again, and its work in evenings. */
    void keep(String text, Planned now) {
        planned = text;
        inShort(now);
    }

    /** What an older version kept without. */
    void inShort(Planned now) {
        begins = now.calendar().begins().orElse(null);
        ends = now.calendar().tasks().stream()
                .flatMap(
                        s -> Stream.concat(Stream.of(s.to()), s.takes().stream().map(Calendar.Takes::until)))
                .max(Comparator.naturalOrder())
                .orElseGet(() -> LocalDateTime.ofInstant(now.at(), ZoneId.systemDefault()));
        eveningMin = now.calendar().eveningMin();
    }

    boolean isInShort() {
        return ends != null;
    }

    Optional<LocalDateTime> begins() {
        return Optional.ofNullable(begins);
    }

    double eveningMin() {
        return eveningMin == null ? 0 : eveningMin;
    }
}
