package ruvant.core.plan.minutes;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * How long work takes here. The logarithm of the minutes is taken as the usual figure of such work and what the family, the part, the
 * model and the person add to it, each unknown and normal about 0, and what differs from time to time. Given what earlier work took,
 * what is expected of the next is a Gaussian again, exactly: a model seen once leans on its family, one seen often on itself, and
 * what was never seen on what is usual. How much each adds is not assumed; the figures under which this shop's history is likeliest
 * are chosen from a few.
 */
public final class MinutesKnown {
    /** Older work than the last so many of a kind is left out: hands get faster. */
    private static final int LAST = 200;

    private static final double USUAL_OFF = 0.7;
    private static final double FAMILY = 0.45;
    private static final double PART = 0.5;
    private static final double MODEL = 0.3;
    private static final double PERSON = 0.25;
    private static final double[] TIME_TO_TIME = {0.2, 0.3, 0.42, 0.6, 0.85};
    private static final double[] SCALES = {0.5, 1, 1.7};
    private static final double UNKNOWN_TIME_TO_TIME = 0.42;

    /** With fewer pieces of work than this, what is usual of shops in general is not given up. */
    private static final int FEW = 6;

    private final Map<Work, Learnt> learnt = new EnumMap<>(Work.class);

    /** @param took in the order of time */
    public MinutesKnown(List<Took> took) {
        Map<Work, List<Took>> byWork = new EnumMap<>(Work.class);
        took.forEach(one -> byWork.computeIfAbsent(one.task().work(), work -> new ArrayList<>())
                .add(one));
        byWork.forEach((work, all) -> {
            List<Took> last = List.copyOf(all.subList(Math.max(0, all.size() - LAST), all.size()));
            learnt.put(work, likeliest(work, last));
        });
    }

    /**
     * How long a task will take somebody.
     *
     * @param person empty for anybody
     */
    public Guess guess(Took.Task task, String person) {
        Learnt its = learnt.get(task.work());
        return its == null
                ? new Guess(
                        task.work().usualMinutes(), Math.sqrt(new Sizes(UNKNOWN_TIME_TO_TIME, 1).own(task, person)), 0)
                : its.guess(task, person);
    }

    private static Learnt likeliest(Work work, List<Took> took) {
        if (took.size() < FEW) {
            return new Learnt(work, took, new Sizes(UNKNOWN_TIME_TO_TIME, 1));
        }
        Learnt best = null;
        for (double noise : TIME_TO_TIME) {
            for (double scale : SCALES) {
                Learnt one = new Learnt(work, took, new Sizes(noise, scale));
                if (best == null || one.logLikelihood > best.logLikelihood) {
                    best = one;
                }
            }
        }
        return best;
    }

    /**
     * How much work differs.
     *
     * @param noise from time to time, standard deviation of the logarithm
     * @param scale of what family, part, model and person add
     */
    private record Sizes(double noise, double scale) {
        /** What two pieces of work have in common, as a covariance. */
        private double shared(Took.Task one, String who, Took.Task other, String otherWho) {
            double all = USUAL_OFF * USUAL_OFF;
            double squared = scale * scale;
            if (one.family() == other.family()) {
                all += squared * FAMILY * FAMILY;
            }
            boolean samePart = one.part().equalsIgnoreCase(other.part());
            if (samePart && !one.part().isEmpty()) {
                all += squared * PART * PART;
            }
            if (samePart && !one.model().isEmpty() && one.model().equalsIgnoreCase(other.model())) {
                all += squared * MODEL * MODEL;
            }
            if (!who.isEmpty() && who.equalsIgnoreCase(otherWho)) {
                all += squared * PERSON * PERSON;
            }
            return all;
        }

        /** The variance of one piece of work; where its model or its person is not known, they differ all the same. */
        private double own(Took.Task task, String person) {
            double squared = scale * scale;
            double unknown = task.model().isEmpty() ? squared * MODEL * MODEL : 0;
            unknown += person.isEmpty() ? squared * PERSON * PERSON : 0;
            return shared(task, person, task, person) + unknown + noise * noise;
        }
    }

    /** What was learnt of one kind of work. */
    private static final class Learnt {
        private final Work work;
        private final List<Took> took;
        private final Sizes sizes;
        private final CholeskyDecomposition root;
        private final RealVector weights;
        private final double logLikelihood;

        private Learnt(Work work, List<Took> took, Sizes sizes) {
            this.work = work;
            this.took = took;
            this.sizes = sizes;
            int size = took.size();
            RealMatrix covariance = MatrixUtils.createRealMatrix(size, size);
            double[] off = new double[size];
            for (int row = 0; row < size; row++) {
                Took one = took.get(row);
                off[row] = Math.log(one.minutes() / work.usualMinutes());
                covariance.setEntry(row, row, sizes.own(one.task(), one.person()));
                for (int column = 0; column < row; column++) {
                    Took other = took.get(column);
                    double shared = sizes.shared(one.task(), one.person(), other.task(), other.person());
                    covariance.setEntry(row, column, shared);
                    covariance.setEntry(column, row, shared);
                }
            }
            root = new CholeskyDecomposition(covariance);
            RealVector seen = MatrixUtils.createRealVector(off);
            weights = root.getSolver().solve(seen);
            double logRoots = 0;
            for (int row = 0; row < size; row++) {
                logRoots += Math.log(root.getL().getEntry(row, row));
            }
            logLikelihood = -seen.dotProduct(weights) / 2 - logRoots;
        }

        private Guess guess(Took.Task task, String person) {
            double[] shared = new double[took.size()];
            int seen = 0;
            for (int at = 0; at < shared.length; at++) {
                Took one = took.get(at);
                shared[at] = sizes.shared(task, person, one.task(), one.person());
                boolean same = one.task().model().equalsIgnoreCase(task.model())
                        && one.task().part().equalsIgnoreCase(task.part())
                        && one.task().family() == task.family();
                seen += same ? 1 : 0;
            }
            RealVector with = MatrixUtils.createRealVector(shared);
            double mean = with.dotProduct(weights);
            double left =
                    sizes.own(task, person) - with.dotProduct(root.getSolver().solve(with));
            double spread = Math.sqrt(Math.max(sizes.noise * sizes.noise, left));
            return new Guess(work.usualMinutes() * Math.exp(mean), spread, seen);
        }
    }
}
