package org.crispwhorl.core.wire;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What pieces of one gauge can be cut from.
 *
 * @param wholeMm lengths in which whole wires come; as many as are needed can be had
 * @param offcuts of earlier work, each usable once; those of one length stand together
 */
public record WireStock(List<Double> wholeMm, List<WirePiece> offcuts) {
    public WireStock {
        wholeMm = wholeMm.stream().distinct().sorted().toList();
        Map<Double, Integer> byLength = new TreeMap<>();
        offcuts.forEach(o -> byLength.merge(o.lengthMm(), o.count(), Integer::sum));
        offcuts = byLength.entrySet().stream()
                .map(e -> new WirePiece(e.getKey(), e.getValue()))
                .toList();
    }
}
