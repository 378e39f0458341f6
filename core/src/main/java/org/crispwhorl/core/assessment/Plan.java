package org.crispwhorl.core.assessment;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.measure.MayBeInfinite;
import org.crispwhorl.core.measure.Text;
import org.crispwhorl.core.paste.Stage;
import org.crispwhorl.core.work.Steps;

/**
 * The work on one flower as tasks with the gates between them, derived from the species by rule.
 *
 * @param tasks each after those that it waits for
 * @param handOver what must have happened before the flower can leave
 * @param readyH hours from the first touch to dry and done, working straight through
 */
public record Plan(
        List<Task> tasks,
        List<Gate> handOver,
        @MayBeInfinite double readyH) {
    public Plan {
        tasks = List.copyOf(tasks);
        handOver = List.copyOf(handOver);
    }

    /** What of a task others in the house may mind. */
    @Text(label = "disturbs by", means = "What of a task others in the house may mind.")
    public enum Disturbs {
        @Text(label = "noise", means = "A compressor runs.")
        NOISE,
        @Text(label = "smell", means = "Spirit dries off.")
        SMELL
    }

    /**
     * A task of the hands.
     *
     * @param id unique in the plan
     * @param partId the part worked on, empty for all
     * @param pieces of one flower that go through the hands one by one; 0 where nothing is counted
     * @param steps what hands do, act by act; none for mixing, which is told with what is mixed
     * @param making how many of the first of them are done on spares, too
     * @param onHeads the same work as tasks on one of the further heads, stage by stage, where it is done on those
     * @param labourMin minutes of working time
     * @param batches batches in which it is done
     * @param disturbs what of it others in the house may mind
     * @param gates what must have happened before
     * @param startH when it starts if one maker works straight through, hours from the first touch
     * @param endH when it ends then
     */
    @RecordBuilder
    public record Task(
            String id,
            String name,
            TaskKind doing,
            Optional<String> partId,
            int pieces,
            Steps steps,
            int making,
            List<OnHeads> onHeads,
            double labourMin,
            int batches,
            List<Disturbs> disturbs,
            List<Gate> gates,
            @MayBeInfinite double startH,
            @MayBeInfinite double endH) {
        public Task {
            onHeads = List.copyOf(onHeads);
            disturbs = List.copyOf(disturbs);
            gates = List.copyOf(gates);
        }

        /** The same with other gates. */
        public Task gated(List<Gate> others) {
            return PlanTaskBuilder.builder(this).gates(others).build();
        }

        /** The same under another name. */
        public Task called(String otherId, String otherName) {
            return PlanTaskBuilder.builder(this).id(otherId).name(otherName).build();
        }

        Task at(double start) {
            return PlanTaskBuilder.builder(this)
                    .startH(start)
                    .endH(start + labourMin / 60)
                    .build();
        }
    }

    /**
     * What is done on all heads of one stage of opening, in the order of its acts.
     *
     * @param opening place of the stage in the list
     * @param tasks on one of its heads, their acts said for all of them
     */
    public record OnHeads(int opening, List<Task> tasks) {
        public OnHeads {
            tasks = List.copyOf(tasks);
        }
    }

    /**
     * Something that must have happened before a task starts.
     *
     * @param afterTask the task whose end starts the wait
     * @param stage the stage of drying waited for, empty where the task just has to be done
     * @param waitH hours from the end of that task; safe by, or the likely start of a part-dry window
     * @param atMostH hours by which the task has to start, where a window closes
     */
    public record Gate(
            String afterTask,
            Optional<Stage> stage,
            @MayBeInfinite double waitH,
            Optional<Double> atMostH) {
        /** The same, closing after so many hours. */
        Gate closing(Optional<Double> mostH) {
            return new Gate(afterTask, stage, waitH, mostH);
        }

        /** The same after another task. */
        public Gate after(String another) {
            return new Gate(another, stage, waitH, atMostH);
        }
    }

    /** Hours from the first touch at which a part is made; none where the plan has no such part. */
    public Optional<Double> madeH(String partId) {
        return last(partId, TaskKind.MAKE_AND_SET)
                .or(() -> last(partId, TaskKind.MAKE))
                .map(Task::endH);
    }

    /** Hours from the first touch at which a part is joined; none for the centre, which others are joined to. */
    public Optional<Double> joinedH(String partId) {
        return last(partId, TaskKind.JOIN).map(Task::startH).or(() -> last(partId, TaskKind.MAKE_AND_SET)
                .map(Task::endH));
    }

    /** Further heads are made in several tasks, and put together before they are joined. */
    private Optional<Task> last(String partId, TaskKind doing) {
        return tasks.stream()
                .filter(t ->
                        t.doing() == doing && t.partId().filter(partId::equals).isPresent())
                .reduce((before, last) -> last);
    }

    /** Minutes of working time of all tasks. */
    public double labourMin() {
        return tasks.stream().mapToDouble(Task::labourMin).sum();
    }
}
