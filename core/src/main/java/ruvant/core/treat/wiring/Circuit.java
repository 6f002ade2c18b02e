package ruvant.core.treat.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ruvant.core.units.FieldProblem;

/**
 * A circuit as a drawing of points and what lies between them.
 *
 * @param points places to which a probe can be held, in the order they are drawn round the loop
 */
public record Circuit(String id, String words, List<String> points, List<Piece> pieces, List<Fault> faults) {

    /** What lies between two points. */
    public enum Kind {
        CELL,
        WIRE,
        CONTACT,
        SWITCH,
        LOAD
    }

    /**
     * A piece.
     *
     * @param from place of the point in the list of points where it begins; of a cell, its minus
     * @param to likewise where it ends; of a cell, its plus
     * @param ohms its resistance; of a cell the one inside it; of a switch when it is closed
     * @param volts of a cell with nothing drawn; else 0
     */
    public record Piece(String name, Kind kind, int from, int to, double ohms, double volts) {
        Piece with(double otherOhms, double otherVolts) {
            return new Piece(name, kind, from, to, otherOhms, otherVolts);
        }
    }

    /**
     * Something that may ail it.
     *
     * @param piece its name
     * @param ohms what it then resists; {@link Multimeter#OPEN_OHMS} or more for broken
     * @param volts of a cell, what it then gives; else 0
     */
    public record Fault(String words, String piece, double ohms, double volts) {}

    /** The same circuit with its faults. */
    public Circuit with(List<Fault> found) {
        List<Piece> ailing = pieces.stream()
                .map(piece -> found.stream()
                        .filter(fault -> fault.piece().equals(piece.name()))
                        .findFirst()
                        .map(fault -> piece.with(fault.ohms(), fault.volts()))
                        .orElse(piece))
                .toList();
        return new Circuit(id, words, points, ailing, faults);
    }

    /** The faults of the stand-in's circuit: mostly one, now and then two or none. The same seed gives the same faults. */
    public List<Fault> ailing(long seed) {
        Random chance = new Random(seed * 31 + id.hashCode());
        List<Fault> left = new ArrayList<>(faults);
        List<Fault> found = new ArrayList<>();
        double how = chance.nextDouble();
        int many = how < 0.15 ? 0 : how < 0.85 ? 1 : 2;
        for (int n = 0; n < many && !left.isEmpty(); n++) {
            Fault one = left.remove(chance.nextInt(left.size()));
            found.add(one);
            left.removeIf(other -> other.piece().equals(one.piece()));
        }
        return found;
    }

    /** @throws FieldProblem where there is no such point */
    int point(String field, String name) {
        for (int i = 0; i < points.size(); i++) {
            if (points.get(i).equalsIgnoreCase(name.strip())) {
                return i;
            }
        }
        throw new FieldProblem(field, "“" + name + "” is not a point in this circuit.", "Choose one of its points.");
    }
}
