package ruvant.core.picture;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.units.Named;

/** Logs in which every named thing is called something else, and is still told by the same id. */
final class Renamed {
    private Renamed() {}

    /** The same lines under other words. */
    static List<Line> lines(List<Line> lines) {
        return lines.stream()
                .map(line -> new Line(
                        line.id(), line.sequence(), line.at(), line.by(), line.before(), (Entry) value(line.entry())))
                .toList();
    }

    private static Object value(Object value) {
        return switch (value) {
            case null -> null;
            case Named named -> new Named(named.id(), "renamed, once " + new StringBuilder(named.words()).reverse());
            case List<?> list -> {
                List<Object> all = new ArrayList<>();
                list.forEach(one -> all.add(value(one)));
                yield all;
            }
            case Record record -> rebuilt(record);
            default -> value;
        };
    }

    /** The main constructor of a record with its components renamed. */
    private static Object rebuilt(Record record) {
        try {
            RecordComponent[] components = record.getClass().getRecordComponents();
            Class<?>[] types = new Class<?>[components.length];
            Object[] values = new Object[components.length];
            for (int i = 0; i < components.length; i++) {
                types[i] = components[i].getType();
                values[i] = value(components[i].getAccessor().invoke(record));
            }
            Constructor<?> main = record.getClass().getDeclaredConstructor(types);
            return main.newInstance(values);
        } catch (ReflectiveOperationException problem) {
            throw new AssertionError(record.toString(), problem);
        }
    }
}
