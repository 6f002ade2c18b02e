package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * A classifier that learns from cases alone and knows nothing of shutters: trees that cut at random places, the best of a few
 * cuts kept (extremely randomised trees). It has seen cases of the same making as those it is asked about, so it bounds what
 * can be known from them.
 */
final class Forest {
    private static final int TREES = 200;
    private static final int LEAST = 4;

    private final List<Node> trees;
    private final int classes;

    /** @param shares of each class where it ends, null above */
    private record Node(int feature, double cut, Node below, Node above, double[] shares) {}

    private Forest(List<Node> trees, int classes) {
        this.trees = trees;
        this.classes = classes;
    }

    static Forest grown(List<double[]> cases, List<Integer> classOf, int classes) {
        int[] all = IntStream.range(0, cases.size()).toArray();
        List<Node> trees = IntStream.range(0, TREES)
                .parallel()
                .mapToObj(tree -> new Growing(cases, classOf, classes, new Random(31L * tree + 7)).node(all))
                .toList();
        return new Forest(trees, classes);
    }

    /** How likely each class is. */
    double[] shares(double[] one) {
        double[] sum = new double[classes];
        for (Node tree : trees) {
            Node at = tree;
            while (at.shares() == null) {
                at = one[at.feature()] < at.cut() ? at.below() : at.above();
            }
            for (int c = 0; c < classes; c++) {
                sum[c] += at.shares()[c] / trees.size();
            }
        }
        return sum;
    }

    private record Growing(List<double[]> cases, List<Integer> classOf, int classes, Random random) {
        Node node(int[] of) {
            double[] shares = shares(of);
            double impurity = impurity(shares);
            int features = cases.getFirst().length;
            int tried = (int) Math.ceil(2 * Math.sqrt(features));
            double best = 1e-9;
            Node kept = null;
            for (int i = 0; i < tried && of.length >= LEAST && impurity > 0; i++) {
                int feature = random.nextInt(features);
                double low = Double.POSITIVE_INFINITY;
                double high = Double.NEGATIVE_INFINITY;
                for (int at : of) {
                    low = Math.min(low, cases.get(at)[feature]);
                    high = Math.max(high, cases.get(at)[feature]);
                }
                double cut = low + (high - low) * random.nextDouble();
                int[] below = side(of, feature, cut, true);
                if (below.length == 0 || below.length == of.length) {
                    continue;
                }
                int[] above = side(of, feature, cut, false);
                double gain = impurity
                        - (below.length * impurity(shares(below)) + above.length * impurity(shares(above))) / of.length;
                if (gain > best) {
                    best = gain;
                    kept = new Node(feature, cut, null, null, null);
                }
            }
            return kept == null
                    ? new Node(0, 0, null, null, shares)
                    : new Node(
                            kept.feature(),
                            kept.cut(),
                            node(side(of, kept.feature(), kept.cut(), true)),
                            node(side(of, kept.feature(), kept.cut(), false)),
                            null);
        }

        private int[] side(int[] of, int feature, double cut, boolean below) {
            return IntStream.of(of)
                    .filter(at -> cases.get(at)[feature] < cut == below)
                    .toArray();
        }

        private double[] shares(int[] of) {
            double[] shares = new double[classes];
            for (int at : of) {
                shares[classOf.get(at)] += 1.0 / of.length;
            }
            return shares;
        }

        private static double impurity(double[] shares) {
            double left = 1;
            for (double share : shares) {
                left -= share * share;
            }
            return left;
        }
    }

    /** Places of the classes, the likeliest first. */
    static List<Integer> ordered(double[] shares) {
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, shares.length).boxed().toList());
        order.sort((one, other) -> Double.compare(shares[other], shares[one]));
        return order;
    }
}
