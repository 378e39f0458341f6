package org.crispwhorl.core.thinning;

/**
 * The ruffle of an edge that alone was thinned: the edge band, r times thinner than the body, grows outwards by half its
 * width times r − 1 and along the edge by ε = (r − 1)/(r + 1), which keeps its paste; that surplus length buckles into waves. A wave of amplitude a and length λ is longer than its chord by about (πa/λ)², so
 * a ≈ λ·√ε/π (first-order arc length of a sine).
 *
 * @param surplus ε, share of edge length beyond what the body needs
 * @param amplitudeMm half the height of the ruffle
 */
public record EdgeRuffle(double surplus, double amplitudeMm) {
    /**
     * @param bodyMm thickness of the body
     * @param edgeMm thickness of the thinned edge, at most {@code bodyMm}
     * @param bandMm width of the thinned band: it stands out no farther than it is wide
     * @param wavelengthMm distance from crest to crest
     */
    public static EdgeRuffle of(double bodyMm, double edgeMm, double bandMm, double wavelengthMm) {
        double thinner = bodyMm / edgeMm;
        double surplus = Math.max(0, (thinner - 1) / (thinner + 1));
        return new EdgeRuffle(surplus, Math.min(bandMm, wavelengthMm * Math.sqrt(surplus) / Math.PI));
    }
}
