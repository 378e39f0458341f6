package org.crispwhorl.core.thinning;

/**
 * The ruffle of an edge that alone was thinned: the edge band grows by √(t0/te) while the body does not; the surplus
 * length buckles into waves. A wave of amplitude a and length λ is longer than its chord by about (πa/λ)², so
 * a ≈ λ·√ε/π (first-order arc length of a sine).
 *
 * @param surplus ε, share of edge length beyond what the body needs
 * @param amplitudeMm half the height of the ruffle
 */
public record EdgeRuffle(double surplus, double amplitudeMm) {
    /**
     * @param bodyMm thickness of the body
     * @param edgeMm thickness of the thinned edge, at most {@code bodyMm}
     * @param wavelengthMm distance from crest to crest
     */
    public static EdgeRuffle of(double bodyMm, double edgeMm, double wavelengthMm) {
        double surplus = Math.max(0, Math.sqrt(bodyMm / edgeMm) - 1);
        return new EdgeRuffle(surplus, wavelengthMm * Math.sqrt(surplus) / Math.PI);
    }
}
