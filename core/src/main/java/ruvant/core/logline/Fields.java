package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ruvant.core.said.Statement;
import ruvant.core.units.FieldProblem;

/** The fields of a statement by their types, whether a reader or a person at the screen filled them in. */
record Fields(Map<String, Object> all) {
    static Fields of(Statement said) {
        return new Fields(said.fields());
    }

    boolean has(String name) {
        Object value = all.get(name);
        return value != null && !value.toString().isBlank();
    }

    /** Words; empty where nothing was said. A list is joined by commas. */
    String text(String name) {
        Object value = all.get(name);
        if (value instanceof List<?> list) {
            return String.join(", ", list.stream().map(Object::toString).toList());
        }
        return value == null ? "" : value.toString().strip();
    }

    /** Words that must be there. */
    String needed(String name, String problem, String remedy) {
        String text = text(name);
        if (text.isEmpty()) {
            throw new FieldProblem(name, problem, remedy);
        }
        return text;
    }

    /** One word or several, each by itself. */
    List<String> texts(String name) {
        Object value = all.get(name);
        if (value instanceof List<?> list) {
            return list.stream()
                    .map(one -> one.toString().strip())
                    .filter(one -> !one.isEmpty())
                    .toList();
        }
        String text = text(name);
        return text.isEmpty() ? List.of() : List.of(text.split("\\s*[,;]\\s*"));
    }

    /** Records within a field, such as fasteners. */
    List<Fields> records(String name) {
        List<Fields> records = new ArrayList<>();
        if (all.get(name) instanceof List<?> list) {
            for (Object one : list) {
                if (one instanceof Map<?, ?> map) {
                    records.add(new Fields(map.entrySet().stream()
                            .collect(java.util.stream.Collectors.toMap(
                                    entry -> entry.getKey().toString(), Map.Entry::getValue))));
                }
            }
        }
        return records;
    }

    Optional<Double> number(String name) {
        Object value = all.get(name);
        if (value instanceof Number number) {
            return Optional.of(number.doubleValue());
        }
        String text = text(name).replace(',', '.');
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!text.matches("[-+]?\\d+(\\.\\d+)?")) {
            throw new FieldProblem(name, "“" + text(name) + "” is not a number.", "Enter a number, such as 2.");
        }
        return Optional.of(Double.valueOf(text));
    }

    /** A whole number; the other one where none was said. */
    int count(String name, int otherwise) {
        return number(name).map(value -> (int) Math.rint(value)).orElse(otherwise);
    }

    /** Numbers of a list. */
    List<Double> numbers(String name) {
        if (all.get(name) instanceof List<?> list) {
            return list.stream()
                    .filter(Number.class::isInstance)
                    .map(one -> ((Number) one).doubleValue())
                    .toList();
        }
        return number(name).stream().toList();
    }

    boolean is(String name) {
        Object value = all.get(name);
        return Boolean.TRUE.equals(value) || value instanceof String text && text.matches("(?i)true|yes");
    }

    /** A choice by the name that it has in code; empty where it is none of them. */
    <E extends Enum<E>> Optional<E> choice(String name, Class<E> choices) {
        String text = text(name).toUpperCase(Locale.ROOT).replaceAll("[ -]", "_");
        for (E one : choices.getEnumConstants()) {
            if (one.name().equals(text)) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }

    /** What was said beside it and became no field. */
    String remark() {
        return text("remark");
    }
}
