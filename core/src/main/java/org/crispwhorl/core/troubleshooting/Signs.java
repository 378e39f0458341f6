package org.crispwhorl.core.troubleshooting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.drying.DryingCourse;
import org.crispwhorl.core.drying.Room;
import org.crispwhorl.core.finding.Finding;
import org.crispwhorl.core.finding.Findings;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.species.Part;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;

/** What speaks for a cause: what was answered, what this species, room and book make of it, what the plate finds. */
final class Signs {
    /** Weight of a cause that may always be. */
    static final int MAY_BE = 1;

    /** What an answer or a figure that points to it adds. */
    static final int POINTS_TO_IT = 2;

    /** What a finding of the plate adds. */
    static final int FOUND = 3;

    final Assessment a;
    final Optional<Part> part;
    private final OptionalInt answer;
    private final List<Finding> findings;
    private final List<Troubleshooting.Cause> causes = new ArrayList<>();

    Signs(Assessment a, Optional<Part> part, OptionalInt answer) {
        this.a = a;
        this.part = part;
        this.answer = answer;
        this.findings = Findings.of(a);
    }

    /** The causes that were named, the likeliest first. */
    List<Troubleshooting.Cause> causes() {
        return causes.stream()
                .sorted(Comparator.comparingInt(Troubleshooting.Cause::weight).reversed())
                .toList();
    }

    void may(String cause, String because, String now, String next, int weight) {
        causes.add(new Troubleshooting.Cause(cause, because, now, next, weight));
    }

    int answered(int number) {
        return answer.isPresent() && answer.getAsInt() == number ? POINTS_TO_IT : 0;
    }

    static int where(boolean points) {
        return points ? POINTS_TO_IT : 0;
    }

    int found(String kind) {
        return finding(kind).isPresent() ? FOUND : 0;
    }

    Optional<Finding> finding(String kind) {
        return findings.stream()
                .filter(f -> f.kind().equals(kind))
                .filter(f ->
                        part.isEmpty() || f.partId().isEmpty() || f.partId().equals(part.map(Part::id)))
                .findFirst();
    }

    Optional<Pieces> pieces() {
        return part.flatMap(Part::flat).map(Petaled::pieces);
    }

    Room room() {
        return a.conditions().room();
    }

    Optional<DryingCourse> course() {
        return part.flatMap(a::drying);
    }

    Optional<Double> medianH(Stage stage) {
        return course().flatMap(c -> c.at(stage)).map(DryingCourse.Reached::medianH);
    }

    String air() {
        return Unit.CELSIUS.write(room().temperatureC()) + " and " + Unit.PERCENT.write(room().humidityPct());
    }

    static String minutes(double hours) {
        return hours < 2 ? Unit.MIN.write(Math.rint(60 * hours)) : Unit.H.write(Math.rint(10 * hours) / 10);
    }

    String byTheBook() {
        return a.conditions()
                .kit()
                .watched(a.paste().medium())
                .map(w -> "; by the book it dries " + Unit.NONE.write(w.factor()) + " times as fast as is reckoned")
                .orElse("");
    }
}
