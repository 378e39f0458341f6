package org.crispwhorl.core.order;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;

/**
 * What an order was accepted with: its species and the studio's conditions, frozen as they were. An order that is not accepted
 * follows the shelf and the studio instead.
 *
 * @param at when it was accepted
 * @param species those of its lines, by their id on the shelf
 * @param conditions of the studio at that time
 */
public record Acceptance(Instant at, Map<UUID, Species> species, Conditions conditions) {
    public Acceptance {
        species = Map.copyOf(species);
    }

    /** The same acceptance with one species as it is now. */
    public Acceptance takingIn(UUID id, Species now) {
        Map<UUID, Species> changed = new LinkedHashMap<>(species);
        changed.put(id, now);
        return new Acceptance(at, changed, conditions);
    }

    /**
     * The same acceptance for changed lines: what is left out is forgotten, what is new is frozen as it is now.
     *
     * @param shelf the species of an id as it is now; empty where it cannot be read
     */
    public Acceptance following(Order order, Function<UUID, Optional<Species>> shelf) {
        Map<UUID, Species> kept = new LinkedHashMap<>();
        for (Order.OrderLine line : order.lines()) {
            Optional.ofNullable(species.get(line.speciesId()))
                    .or(() -> shelf.apply(line.speciesId()))
                    .ifPresent(one -> kept.put(line.speciesId(), one));
        }
        return new Acceptance(at, kept, conditions);
    }

    /** The species that are otherwise on the shelf by now. */
    public Set<UUID> changed(Function<UUID, Optional<Species>> shelf) {
        Set<UUID> changed = new LinkedHashSet<>();
        species.forEach((id, frozen) ->
                shelf.apply(id).filter(now -> !now.equals(frozen)).ifPresent(now -> changed.add(id)));
        return changed;
    }
}
