package org.crispwhorl.files.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.outline.TracedOutline;
import org.crispwhorl.files.document.DocumentFault;

/**
 * Reads a maker's own outline from SVG: the data of one path, or a drawing that holds one path. Anything in a drawing that acts or
 * reaches outside of it is refused.
 */
public final class SvgOutline {
    /** Longer texts than this are no outline. */
    public static final int MOST_CHARACTERS = 200_000;

    private static final int MOST_DEPTH = 40;

    /** Curves are followed to this share of the height of what is drawn. */
    private static final double FLATNESS = 2e-4;

    /** A curve is divided at most so many times, in halves. */
    private static final int MOST_HALVINGS = 8;

    private static final Set<String> ACTING = Set.of(
            "script", "foreignobject", "iframe", "object", "embed", "audio", "video", "handler", "animate", "set");
    private static final Set<String> REACHING = Set.of("image", "use", "feimage", "a", "link", "cursor");
    private static final Set<String> OTHER_SHAPES = Set.of("rect", "circle", "ellipse", "polygon", "polyline", "line");

    private SvgOutline() {}

    /**
     * @param text path data such as {@code M0 0 C…Z}, or a whole SVG drawing
     * @param lengthMm from the base to the tip of the outline
     * @param turnDeg how far the drawing is to be turned, clockwise, so that its tip points up
     * @throws DocumentFault where it cannot be read, or holds what it should not
     * @throws org.crispwhorl.core.measure.InvalidValue where it can be read, and paste cannot be cut so
     */
    public static Outline read(String text, double lengthMm, double turnDeg) {
        if (text.length() > MOST_CHARACTERS) {
            throw refused(
                    text.length() + " characters",
                    "at most " + MOST_CHARACTERS + ": simplify the path where it was drawn");
        }
        String trimmed = text.strip();
        if (trimmed.isEmpty()) {
            throw refused("nothing", "the data of a path, or an SVG drawing");
        }
        Drawn drawn = trimmed.startsWith("<") ? drawn(trimmed) : new Drawn(trimmed, new AffineTransform());
        AffineTransform upright = AffineTransform.getRotateInstance(Math.toRadians(turnDeg));
        upright.concatenate(drawn.transform());
        Line line = line(shape(drawn.data()), upright);
        return TracedOutline.of(line.points(), line.closed(), lengthMm);
    }

    /** Data of a path and how the drawing moves it. */
    private record Drawn(String data, AffineTransform transform) {}

    private record Line(List<double[]> points, boolean closed) {}

    private static Drawn drawn(String text) {
        List<Drawn> paths = new ArrayList<>();
        Deque<AffineTransform> transforms = new ArrayDeque<>();
        transforms.push(new AffineTransform());
        try {
            XMLStreamReader reader = reader(text);
            while (reader.hasNext()) {
                switch (reader.next()) {
                    case XMLStreamConstants.START_ELEMENT -> element(reader, transforms, paths);
                    case XMLStreamConstants.END_ELEMENT -> transforms.pop();
                    case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
                        throw refused("a document type or an entity of its own", "a plain drawing without one");
                    case XMLStreamConstants.PROCESSING_INSTRUCTION ->
                        throw refused(
                                "the instruction <?" + reader.getPITarget() + "?>", "a plain drawing without one");
                    default -> {}
                }
            }
        } catch (XMLStreamException e) {
            throw refused(
                    "a drawing that breaks off at line " + e.getLocation().getLineNumber(),
                    "well-formed SVG, or the data of one path");
        }
        if (paths.size() != 1) {
            throw refused(
                    paths.isEmpty() ? "a drawing without a path" : paths.size() + " paths",
                    "one path: turn shapes into paths where it was drawn, and leave one");
        }
        return paths.get(0);
    }

    private static XMLStreamReader reader(String text) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        return factory.createXMLStreamReader(new StringReader(text));
    }

    private static void element(XMLStreamReader reader, Deque<AffineTransform> transforms, List<Drawn> paths) {
        String name = reader.getLocalName().toLowerCase(Locale.ROOT);
        if (transforms.size() > MOST_DEPTH) {
            throw refused("elements within elements more than " + MOST_DEPTH + " deep", "a plain drawing");
        }
        if (ACTING.contains(name) || name.startsWith("animate")) {
            throw refused("<" + name + ">, which acts", "a drawing without scripts or movement");
        }
        if (REACHING.contains(name)) {
            throw refused("<" + name + ">, which refers to something else", "a drawing that holds its path itself");
        }
        if (OTHER_SHAPES.contains(name)) {
            throw refused("<" + name + ">", "one <path>: turn shapes into paths where it was drawn");
        }
        AffineTransform transform = new AffineTransform(transforms.peek());
        for (int i = 0; i < reader.getAttributeCount(); i++) {
            attribute(reader.getAttributeLocalName(i).toLowerCase(Locale.ROOT), reader.getAttributeValue(i));
        }
        String moved = reader.getAttributeValue(null, "transform");
        if (moved != null) {
            transform.concatenate(transform(moved));
        }
        transforms.push(transform);
        String data = name.equals("path") ? reader.getAttributeValue(null, "d") : null;
        if (data != null) {
            paths.add(new Drawn(data, transform));
        }
    }

    private static void attribute(String name, String value) {
        if (name.startsWith("on")) {
            throw refused("the attribute " + name + ", which acts", "a drawing without scripts");
        }
        boolean refers = name.equals("href") || name.equals("src") || value.contains("url(");
        if (refers && !value.strip().startsWith("#") && !value.contains("url(#")) {
            throw refused("a reference in " + name, "a drawing that refers to nothing outside of it");
        }
    }

    private static AffineTransform transform(String text) {
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException e) {
            throw refused("the transform '" + shortened(text) + "'", "a transform as SVG writes it");
        }
    }

    private static Shape shape(String data) {
        try {
            return AWTPathProducer.createShape(new StringReader(data), PathIterator.WIND_NON_ZERO);
        } catch (ParseException e) {
            throw refused(
                    "path data that cannot be read at character " + Math.max(1, e.getColumnNumber()),
                    "commands as SVG writes them, such as M 0 0 C 8 4 8 20 0 30 Z");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Line line(Shape shape, AffineTransform upright) {
        Rectangle2D box = shape.getBounds2D();
        double flat = FLATNESS * Math.max(box.getWidth(), box.getHeight());
        List<double[]> points = new ArrayList<>();
        boolean closed = false;
        double scale = Math.sqrt(Math.abs(upright.getDeterminant()));
        PathIterator path =
                new FlatteningPathIterator(shape.getPathIterator(upright), Math.max(1e-9, flat * scale), MOST_HALVINGS);
        double[] at = new double[6];
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_CLOSE) {
                closed = true;
            } else if (kind == PathIterator.SEG_MOVETO && !points.isEmpty()) {
                if (points.size() > 1) {
                    throw refused("several lines in one path", "one closed line: a piece has no holes");
                }
                points.clear();
                points.add(new double[] {at[0], -at[1]});
            } else if (closed) {
                throw refused("a line that goes on after Z", "one closed line");
            } else {
                points.add(new double[] {at[0], -at[1]});
            }
            if (points.size() > TracedOutline.MOST_POINTS) {
                break;
            }
        }
        return new Line(points, closed);
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 37) + "…";
    }

    private static DocumentFault refused(String came, String expected) {
        return DocumentFault.at("/outline", came, expected);
    }
}
