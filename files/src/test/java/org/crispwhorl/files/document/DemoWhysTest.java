package org.crispwhorl.files.document;

import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.measure.Figure;
import org.crispwhorl.core.measure.Why;
import org.crispwhorl.core.reckoning.Reckoner;
import org.crispwhorl.core.reckoning.Reckoning;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Conditions;
import org.crispwhorl.demo.DemoDocuments;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whoever asks why a figure is what it is can reckon it again from the answer alone: here each is, by formulas written anew. */
public class DemoWhysTest {
    /** The inputs of a why, by their labels. */
    private record Asked(Why why, Map<String, Double> by) {
        static Asked of(Why why) {
            Map<String, Double> by = new LinkedHashMap<>();
            why.inputs().forEach(i -> by.merge(i.label(), i.value(), Double::sum));
            return new Asked(why, by);
        }

        double get(String label) {
            Double value = by.get(label);
            assertTrue(value != null, "no '" + label + "' among " + by.keySet() + " of: " + why.rule());
            return value;
        }

        double or(String label, double otherwise) {
            return by.getOrDefault(label, otherwise);
        }

        DoubleStream all() {
            return by.values().stream().mapToDouble(v -> v);
        }

        boolean says(String words) {
            return why.rule().contains(words);
        }
    }

    /** Of petals set one by one, each a golden angle on, the first count at which no neighbours stand farther apart. */
    private static double ofSpiral(double petalDeg) {
        double golden = 360 * (1 - 2 / (1 + Math.sqrt(5)));
        TreeSet<Double> set = new TreeSet<>();
        double widest = 360;
        while (widest > petalDeg + 1e-7) {
            set.add(golden * set.size() % 360);
            widest = set.first() + 360 - set.last();
            for (Double at : set) {
                Double next = set.higher(at);
                widest = Math.max(widest, next == null ? 0 : next - at);
            }
        }
        return set.size();
    }

    private static final double G = 9.80665e-3;
    private static final Map<String, ToDoubleFunction<Asked>> AGAIN = new TreeMap<>();

    static {
        AGAIN.put(
                "across",
                a -> a.says("Middle +")
                        ? a.get("middle") + 2 * a.get("petal")
                        : a.says("length round")
                                ? a.get("length rolled") / Math.PI + a.get("from turn to turn")
                                : 2
                                        * Math.sqrt(a.get("length rolled") * a.get("from turn to turn") / Math.PI
                                                + Math.pow(a.get("hollow") / 2, 2)));
        AGAIN.put("acrossRim", a -> a.get("across at the foot") + 2 * a.get("opened by"));
        AGAIN.put(
                "atJoints",
                a -> Math.min(a.get("tendrils"), Math.floor(a.get("further heads") / a.get("at every such head"))));
        AGAIN.put(
                "along",
                a -> a.says("from one point") ? 0 : a.get("heads") * (a.get("at the foot") + a.get("at the tip")) / 2);
        AGAIN.put(
                "ball",
                a -> a.says("long")
                        ? Math.cbrt(a.get("thick") * a.get("thick") * a.get("long"))
                        : a.says("brim")
                                ? brimmed(a)
                                : Math.cbrt(6 * a.or("volume", a.or("volume of one", 0)) / Math.PI));
        AGAIN.put("ballWeight", a -> a.get("volume") * a.get("density"));
        AGAIN.put(
                "meanThickness",
                a -> a.says("hollowed")
                        ? a.get("wall")
                        : a.get("volume") / a.get("area") / a.get("pieces from one ball"));
        AGAIN.put("bend", a -> {
            double rim = a.get("rim radius");
            double radius = (rim * rim + a.get("depth") * a.get("depth")) / (2 * a.get("depth"));
            return Math.toDegrees(a.get("petal length") / radius);
        });
        AGAIN.put("skinned", DemoWhysTest::skin);
        AGAIN.put("bendsFrom", a -> Math.max(60 * hours(a), skin(a)));
        AGAIN.put("bendsTo", a -> 60 * hours(a));
        AGAIN.put("bendsBest", a -> Math.sqrt(a.get("bends from") * a.get("bends until")));
        AGAIN.put("firm", DemoWhysTest::hours);
        AGAIN.put("dry", DemoWhysTest::hours);
        AGAIN.put("dryThrough", DemoWhysTest::hours);
        AGAIN.put("dryMedian", DemoWhysTest::hours);
        AGAIN.put("bundle", a -> a.get("thread") * Math.sqrt(a.get("threads") / 0.8));
        AGAIN.put("cutArea", DemoWhysTest::area);
        AGAIN.put("finishedArea", DemoWhysTest::area);
        AGAIN.put("cutLength", a -> a.get("length"));
        AGAIN.put("cutWidth", a -> a.get("width"));
        AGAIN.put("diameter", a -> switch ((int) a.get("gauge")) {
            case 16 -> 1.626;
            case 18 -> 1.219;
            case 20 -> 0.914;
            case 22 -> 0.711;
            case 24 -> 0.559;
            case 26 -> 0.457;
            case 28 -> 0.376;
            case 30 -> 0.315;
            case 32 -> 0.274;
            default -> 0.254;
        });
        AGAIN.put("droop", a -> {
            double d = a.get("diameter");
            double l = a.get("free wire");
            double bending = 200_000 * Math.PI * Math.pow(d, 4) / 64;
            double weight = a.get("one piece") / 1000 * G;
            return Math.toDegrees(Math.abs(Math.sin(Math.toRadians(a.get("opening angle α")))
                    * weight
                    * (l * l / 2 + a.get("centre of mass beyond the base") * l)
                    / bending));
        });
        AGAIN.put(
                "stress",
                a -> 2
                        * 32
                        * (a.get("one piece") / 1000 * G)
                        * (a.get("free wire") + a.get("centre of mass beyond the base"))
                        / (Math.PI * Math.pow(a.get("diameter"), 3)));
        AGAIN.put("face", a -> 2 * a.get("outermost radius"));
        AGAIN.put("finishedLength", a -> a.get("length") * growth(a));
        AGAIN.put("finishedWidth", a -> a.get("width") * growth(a) / a.or("split in", 1) - a.or("pinched up", 0));
        AGAIN.put("frill", a -> {
            double thinner = a.get("body") / Math.min(a.get("edge"), a.get("body"));
            return Math.min(
                    a.get("band"), a.get("crest to crest") * Math.sqrt((thinner - 1) / (thinner + 1)) / Math.PI);
        });
        AGAIN.put(
                "gap",
                a -> Math.max(
                        0, Math.toRadians(a.get("widest step") - a.get("a petal takes up")) * a.get("radius there")));
        AGAIN.put(
                "overlap",
                a -> Math.max(
                        0, Math.toRadians(a.get("a petal takes up") - 360 / a.get("petals")) * a.get("radius there")));
        AGAIN.put(
                "leastCount",
                a -> a.says("137.5")
                        ? ofSpiral(a.get("a petal takes up"))
                        : Math.ceil(360 / a.get("a petal takes up") - 1e-9));
        AGAIN.put("labour", a -> a.all().sum());
        AGAIN.put(
                "heads",
                a -> a.says("heads a strand") ? 2 * a.get("strands") : a.all().sum());
        AGAIN.put(
                "height",
                a -> a.says("lowest")
                        ? a.get("highest") - a.get("lowest")
                        : a.says("less the foot")
                                ? a.get("high") - a.get("foot pinched off")
                                : a.all().sum());
        AGAIN.put(
                "layers",
                a -> a.says("paper")
                        ? a.get("over paper")
                        : Math.ceil((a.get("wanted") - a.get("stem")) / 2 / a.get("a layer of tape") - 1e-9));
        AGAIN.put("thicker", a -> Math.max(0, a.get("wanted") - a.get("stem")));
        AGAIN.put(
                "batch",
                a -> Math.max(
                        1,
                        DoubleStream.of(
                                        Math.floor(a.get("open time") / a.get("hands a piece")),
                                        a.or("formers", 1e9),
                                        a.or("on the board at once", 1e9),
                                        a.or("set while they bend", 1e9))
                                .min()
                                .orElseThrow()));
        AGAIN.put("neck", a -> a.get("neck radius"));
        AGAIN.put("paste", a -> a.all().sum());
        AGAIN.put("peek", a -> a.get("this ring") - a.get("ring inside"));
        AGAIN.put("perBunch", a -> Math.ceil(a.get("strands") / a.get("bunches")));
        AGAIN.put("petals", a -> a.all().sum());
        AGAIN.put(
                "pieceMass",
                a -> a.says("Area")
                        ? a.get("area") * a.get("mean thickness there") * a.get("density") * a.get("share of the cut")
                                + a.get("carries")
                        : a.get("volume") * a.get("density") / 1000);
        AGAIN.put("pieces", a -> a.all().sum());
        AGAIN.put(
                "pinchedOff",
                a -> a.get("paste in the pieces") * (1 - a.get("area that stays") / a.get("area of a piece")));
        AGAIN.put("ready", a -> a.all().max().orElseThrow() + a.get("Box the flower") / 60);
        AGAIN.put("ridgeNeeded", a -> 1.6 * a.get("diameter"));
        AGAIN.put("ringMass", a -> a.get("one piece") / 1000 * a.get("count"));
        AGAIN.put("seenAbove", DemoWhysTest::seen);
        AGAIN.put("seenBelow", DemoWhysTest::seen);
        AGAIN.put("slice", a -> 2 * a.get("thickness of the log") / 3);
        AGAIN.put(
                "spacing",
                a -> a.says("÷ count")
                        ? 2 * Math.PI * a.get("ring") / a.get("count")
                        : a.says("Σr")
                                ? 2 * Math.PI * a.get("sum of the rows' radii") / a.get("heads")
                                : Math.sqrt(2
                                        / Math.sqrt(3)
                                        * Math.PI
                                        * Math.pow(a.get("radius of the middle"), 2)
                                        / a.get("heads")));
        AGAIN.put("spares", DemoWhysTest::spares);
        AGAIN.put(
                "stem",
                a -> Math.max(
                        a.get("bundle") + 2 * a.get("layers of tape") * a.get("a layer of tape"), a.get("brought to")));
        AGAIN.put("stemStress", a -> a.get("moment there") / a.get("their section modulus"));
        AGAIN.put("strand", a -> Math.sqrt(a.get("tape") / 6));
        AGAIN.put("strands", a -> a.get("strands"));
        AGAIN.put(
                "tape",
                a -> a.says("Stigmas")
                        ? a.get("stigmas") * (a.get("stigma") + a.get("style") + a.get("tail"))
                        : a.says("each layer")
                                ? a.get("layers")
                                        * a.get("over")
                                        * Math.hypot(Math.PI * a.get("mean thickness"), a.get("pitch"))
                                        / a.get("pitch")
                                        / a.get("stretch")
                                : a.all().sum());
        AGAIN.put("cutOff", a -> a.get("height above the centre") + a.get("pushed in"));
        AGAIN.put(
                "tapeCut",
                a -> 2
                        * a.get("pieces")
                        * a.get("length")
                        * Math.ceil(a.get("width") / a.get("width of the tape") - 1e-9));
        AGAIN.put("tinted", a -> a.get("heads") * a.get("length"));
        AGAIN.put("touches", a -> a.get("of them"));
        AGAIN.put("turns", a -> a.says("once") ? 1 : (a.get("across") - a.get("hollow")) / 2 / a.get("pitch"));
        AGAIN.put("units", a -> Math.ceil(a.get("petals") / a.get("from one")));
        AGAIN.put("weight", a -> a.all().sum());
        AGAIN.put("wire", a -> a.all().sum());
        AGAIN.put(
                "wireLength",
                a -> a.says("Wire inside")
                        ? a.all().sum()
                        : a.says("half the centre")
                                ? a.get("stem") + a.get("hook") + a.get("centre, high") / 2
                                : a.says("coil")
                                        ? a.get("tail") + a.get("straight") + a.get("turns") * Math.PI * a.get("coil")
                                        : Math.hypot(a.get("height above the centre"), a.get("ring")) + a.get("tail"));
    }

    /** Figures that are no reckoning: a choice among gauges told by what it does. */
    private static final List<String> CHOSEN = List.of("recommendedGauge");

    private static double seen(Asked a) {
        return a.get("area in plan") == 0 ? 0 : 100 * a.get("area that is seen") / a.get("area in plan");
    }

    private static double growth(Asked a) {
        return a.says("Thinning") ? Math.sqrt(a.get("rolled") / a.get("finished")) : 1;
    }

    private static double skin(Asked a) {
        String skin = a.by().containsKey("air") && a.says("12 min") ? "" : "skin: ";
        return 12
                * Math.pow(a.get(skin + "thickness ℓ as it lies") / 0.7, 0.3)
                / (a.get(skin + "air") * a.get(skin + "drive F of that air"));
    }

    /** Hours of the body's clock: both lengths of it where it is turned out. */
    private static double hours(Asked a) {
        double needed = Math.log(a.get("share M")) / Math.log(0.15);
        double hours = needed * dryH(a, rind(a, a.get("ℓ at first")));
        double turned = a.or("turned out after", Double.POSITIVE_INFINITY);
        if (hours > turned) {
            double done = turned / dryH(a, rind(a, a.get("ℓ at first")));
            hours = turned + (needed - done) * dryH(a, rind(a, a.get("ℓ from then on")));
        }
        return hours * Math.exp(1.2815515655446004 * a.or("spread σ", 0));
    }

    /** So much of a drying length counts as deep as a stage asks. */
    private static double rind(Asked a, double bodyMm) {
        return a.by().containsKey("rind c")
                ? Math.pow(Math.pow(bodyMm, -4) + Math.pow(a.get("rind c"), -4), -0.25)
                : bodyMm;
    }

    private static double dryH(Asked a, double length) {
        double t = a.get("where it dries");
        double drive = Math.exp(17.27 * t / (t + 237.3)) * (a.get("water activity") - a.get("humidity there") / 100);
        double usual = Math.exp(17.27 * 20 / (20 + 237.3)) * (a.get("water activity") - 0.5);
        double f = drive / usual;
        return a.get("t_ref") * (0.6 * length / (a.get("air") * f) + 0.4 * length * length / f);
    }

    /** The area of an outline of the family by ten thousand strips; its notches are triangles. */
    private static double area(Asked a) {
        double length = a.get("length");
        double width = a.get("width");
        double p = a.get("widest at");
        double b = a.get("base");
        double e = a.get("tip");
        double lobes = a.get("lobes");
        int strips = 10_000;
        // Across, since notches are cut along: how far up the outline reaches at each distance from the midrib.
        double sum = 0;
        for (int i = 0; i < strips; i++) {
            double v = (i + 0.5) / strips;
            double top = p + (1 - p) * Math.pow(1 - Math.pow(v, e), 1 / e);
            double foot = v <= b ? 0 : p * Math.asin((v - b) / (1 - b)) / (Math.PI / 2);
            double notch = 0;
            if (lobes > 1) {
                double lobe = 2 / lobes;
                double off = Double.POSITIVE_INFINITY;
                for (int k = 1; k < lobes; k++) {
                    off = Math.min(off, Math.abs(v - (-1 + k * lobe)));
                }
                notch = a.get("notch") * Math.max(0, 1 - off / (0.4 * lobe));
            }
            sum += Math.max(0, top - notch - foot);
        }
        return sum / strips * length * width;
    }

    /** Spares by the beta-binomial law, term by term. */
    private static double spares(Asked a) {
        double needed = a.get("needed");
        for (int s = 0; ; s++) {
            int n = (int) needed + s;
            double enough = 0;
            double log = 0;
            double broken = a.get("broken so far");
            double whole = a.get("whole so far");
            for (int k = 0; k < n; k++) {
                log += Math.log((whole + k) / (broken + whole + k));
            }
            double term = Math.exp(log);
            for (int k = 0; k <= s; k++) {
                enough += term;
                term *= (double) (n - k) / (k + 1) * (broken + k) / (whole + n - k - 1);
            }
            if (enough >= 0.95) {
                return s;
            }
        }
    }

    /** The ball that holds a disc as wide as the cutter and the cone under it, mm. */
    private static double brimmed(Asked a) {
        double disc = Math.PI / 4 * Math.pow(a.get("cutter, tip to tip"), 2) * a.get("brim, as it is rolled");
        double cone = Math.PI / 12 * Math.pow(a.get("cone wide"), 2) * a.get("cone long");
        return Math.cbrt(6 * (disc + cone) / Math.PI);
    }

    @DataProvider
    public Object[][] flowers() {
        List<Object[]> all = new ArrayList<>();
        for (String demo : DemoDocuments.texts()) {
            Species species = SpeciesDocument.readText(demo);
            all.add(new Object[] {species.name(), species, Conditions.USUAL});
        }
        Species first = (Species) all.get(0)[1];
        all.add(new Object[] {"in a fan", first, Conditions.USUAL.withRoom(new Room(24, 45, new Room.Air.Fan()))});
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "flowers")
    public void everyFigureIsReckonedAgainFromItsOwnWhy(String name, Species species, Conditions conditions) {
        Reckoning reckoning = Reckoner.reckon(species, conditions);
        List<Figure> figures = new ArrayList<>(reckoning.figures());
        reckoning.parts().forEach(p -> figures.addAll(p.figures()));
        TreeSet<String> wrong = new TreeSet<>();
        for (Figure figure : figures) {
            boolean own = figure.why().rule().contains("your own outline");
            String key = figure.key().startsWith("count-") ? "count" : figure.key();
            if (CHOSEN.contains(key) || own) {
                continue;
            }
            ToDoubleFunction<Asked> again = key.equals("count") ? a -> a.get("heads") : AGAIN.get(key);
            if (again == null) {
                wrong.add(key + ": no formula");
                continue;
            }
            try {
                double value = again.applyAsDouble(Asked.of(figure.why()));
                double off = Math.abs(value - figure.value());
                // A notched outline's area is that of its polygon.
                double exact = key.endsWith("Area") ? 2e-3 : 1e-4;
                if (!(off <= 1e-9 + exact * Math.abs(figure.value()))) {
                    wrong.add(key + ": " + figure.value() + ", again " + value + ", from " + figure.why());
                }
            } catch (AssertionError e) {
                wrong.add(key + ": " + e.getMessage());
            }
        }
        assertTrue(wrong.isEmpty(), name + "\n" + String.join("\n", wrong));
    }
}
