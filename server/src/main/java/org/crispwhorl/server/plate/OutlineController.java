package org.crispwhorl.server.plate;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.crispwhorl.core.measure.Limits;
import org.crispwhorl.core.measure.Quantity;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.outline.CutShape;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.Pulling;
import org.crispwhorl.core.outline.StationPoint;
import org.crispwhorl.files.svg.SvgOutline;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** An outline lying flat: its points, pulled into shape, and outlines that a maker drew elsewhere. Nothing is kept. */
@RestController
public class OutlineController {
    /**
     * An outline as it is drawn.
     *
     * @param ring its corners as x, y in turn, mm: x from the midrib, y from the base
     * @param points by which it can be pulled
     * @param areaMm2 inside of it
     * @param edgeMm round it, the base included
     */
    public record OutlineView(
            Outline outline, double[] ring, List<StationPoint> points, double areaMm2, double edgeMm) {
        static OutlineView of(Outline outline) {
            double[][] corners = CutShape.of(outline).ring();
            double[] ring = new double[2 * corners.length];
            for (int i = 0; i < corners.length; i++) {
                ring[2 * i] = corners[i][0];
                ring[2 * i + 1] = corners[i][1];
            }
            return new OutlineView(outline, ring, Pulling.points(outline), outline.areaMm2(), outline.perimeterMm());
        }
    }

    /** An outline that is asked about. */
    public record OutlineRequest(@Text(label = "outline") Outline outline) {
        public OutlineRequest {
            Limits.check(OutlineRequest.class, outline);
        }
    }

    /**
     * A pull at an outline.
     *
     * @param to the point, where it is to lie
     * @param bothSides whether the other side of an own shape follows
     */
    public record PullRequest(
            @Text(label = "outline") Outline outline,
            @Text(label = "point") StationPoint to,
            boolean bothSides) {
        public PullRequest {
            Limits.check(PullRequest.class, outline, to, bothSides);
        }
    }

    /** A drawing of the maker's own. */
    public record DrawnRequest(
            @Text(
                    label = "drawing",
                    means = "The data of one path, or an SVG drawing with one path in it.",
                    longest = 4_000_000,
                    lines = true)
            String text,

            @Quantity(
                    label = "length",
                    unit = Unit.MM,
                    min = 2,
                    max = 300,
                    usual = 28,
                    means = "From the base to the tip of what is drawn.")
            double lengthMm,

            @Quantity(
                    label = "turned",
                    unit = Unit.DEGREE,
                    min = -180,
                    max = 180,
                    step = 15,
                    usual = 0,
                    means = "How far the drawing is turned, clockwise, so that its tip points up.")
            double turnDeg) {
        public DrawnRequest {
            Limits.check(DrawnRequest.class, text, lengthMm, turnDeg);
        }
    }

    @PostMapping("/api/outline")
    @Operation(operationId = "seeOutline", summary = "An outline lying flat, with the points by which it can be pulled")
    OutlineView see(@RequestBody OutlineRequest request) {
        return OutlineView.of(request.outline());
    }

    @PostMapping("/api/outline/pull")
    @Operation(operationId = "pullOutline", summary = "An outline with one of its points pulled somewhere else")
    OutlineView pull(@RequestBody PullRequest r) {
        return OutlineView.of(Pulling.pulled(r.outline(), r.to(), r.bothSides()));
    }

    @PostMapping("/api/outline/free")
    @Operation(operationId = "freeOutline", summary = "An outline of the family as an own shape")
    OutlineView free(@RequestBody OutlineRequest request) {
        return OutlineView.of(Pulling.freed(request.outline()));
    }

    @PostMapping("/api/outline/family")
    @Operation(
            operationId = "outlineOfTheFamily",
            summary = "The outline of the family that comes nearest to an own shape")
    OutlineView family(@RequestBody OutlineRequest request) {
        return OutlineView.of(Pulling.ofTheFamily(request.outline()));
    }

    @PostMapping("/api/outline/read")
    @Operation(
            operationId = "readOutline",
            summary = "An outline of the maker's own, from the data of a path or an SVG drawing")
    OutlineView read(@RequestBody DrawnRequest request) {
        return OutlineView.of(SvgOutline.read(request.text(), request.lengthMm(), request.turnDeg()));
    }
}
