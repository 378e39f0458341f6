package org.crispwhorl.core.measure;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * What was worked out lately, by what it was worked out from: so that a change of one part of a flower does not work out the others
 * anew. Keys must not change, and two that are equal must lead to the same.
 */
public final class Cache<K, V> {
    private final Map<K, V> known;

    /**
     * @param most how many are kept; the one that was asked for longest ago goes first
     */
    public Cache(int most) {
        known = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** The value of a key; worked out where it is not known, outside of the lock. */
    public V of(K key, Supplier<V> worked) {
        synchronized (known) {
            V value = known.get(key);
            if (value != null) {
                return value;
            }
        }
        V value = worked.get();
        synchronized (known) {
            known.put(key, value);
        }
        return value;
    }
}
