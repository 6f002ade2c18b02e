package ruvant.server.benchmark.fuzz;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Small things done to something whole. */
final class Mutations {
    static final ObjectMapper JSON = JsonMapper.builderWithJackson2Defaults().build();

    private static final List<String> STRANGE = List.of(
            "",
            " ",
            "null",
            "../../../etc/passwd",
            "/tmp/escaped",
            "C:\\escaped",
            "a\u0000b",
            "\uD83D",
            "\uFFFE",
            "\u202E\u0646\u0648\u0631",
            "=1+1",
            "'; drop table line; --",
            "<script>document.title='in'</script>",
            "%s%n%x",
            "R-0001",
            "R-99999999",
            "NaN",
            "1e999",
            "-0",
            "9223372036854775808",
            "2031-02-30",
            "0000-00-00T00:00:00Z",
            "x".repeat(70_000));

    private static final List<String> NUMBERS = List.of(
            "0",
            "-1",
            "1e300",
            "-1e300",
            "0.1",
            "2147483648",
            "-9223372036854775808",
            "92233720368547758080",
            "1e-300");

    private Mutations() {}

    static String strange(Random random) {
        return STRANGE.get(random.nextInt(STRANGE.size()));
    }

    /** Bytes with a few of them changed, cut out, doubled or put in. */
    static byte[] bytes(byte[] whole, Random random) {
        byte[] now = whole.clone();
        for (int i = 1 + random.nextInt(4); i > 0 && now.length > 4; i--) {
            int at = random.nextInt(now.length);
            int length = 1 + random.nextInt(Math.min(64, now.length - at));
            now = switch (random.nextInt(5)) {
                case 0 -> flipped(now, at, random);
                case 1 -> joined(now, 0, at, new byte[0], at + length);
                case 2 -> joined(now, 0, at + length, Arrays.copyOfRange(now, at, at + length), at + length);
                case 3 -> joined(now, 0, at, noise(random), at);
                default -> Arrays.copyOf(now, at + 1);
            };
        }
        return now;
    }

    private static byte[] flipped(byte[] now, int at, Random random) {
        now[at] ^= (byte) (1 << random.nextInt(8));
        return now;
    }

    private static byte[] noise(Random random) {
        byte[] noise = new byte[1 + random.nextInt(32)];
        random.nextBytes(noise);
        return noise;
    }

    private static byte[] joined(byte[] now, int from, int to, byte[] between, int again) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(now.length + between.length);
        out.write(now, from, to - from);
        out.writeBytes(between);
        out.write(now, Math.min(again, now.length), now.length - Math.min(again, now.length));
        return out.toByteArray();
    }

    /** JSON with one to three of its places changed: another type, a strange value, gone, or there twice. */
    static JsonNode json(JsonNode whole, Random random) {
        JsonNode now = whole.deepCopy();
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            change(now, random);
        }
        return now;
    }

    private static void change(JsonNode in, Random random) {
        if (in instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = List.copyOf(object.propertyNames());
            String name = names.get(random.nextInt(names.size()));
            JsonNode part = object.get(name);
            if (part.isContainer() && !part.isEmpty() && random.nextInt(4) > 0) {
                change(part, random);
            } else if (random.nextInt(6) == 0) {
                object.remove(name);
            } else if (random.nextInt(8) == 0) {
                object.set(strange(random), part);
            } else {
                object.set(name, value(random));
            }
        } else if (in instanceof ArrayNode array && !array.isEmpty()) {
            int at = random.nextInt(array.size());
            JsonNode part = array.get(at);
            if (part.isContainer() && !part.isEmpty() && random.nextInt(4) > 0) {
                change(part, random);
            } else if (random.nextInt(3) == 0) {
                array.insert(at, part.deepCopy());
            } else if (random.nextInt(3) == 0) {
                array.remove(at);
            } else {
                array.set(at, value(random));
            }
        }
    }

    private static JsonNode value(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> JSON.nullNode();
            case 1 -> JSON.readTree(NUMBERS.get(random.nextInt(NUMBERS.size())));
            case 2 -> JSON.createArrayNode().add(JSON.createArrayNode());
            case 3 -> JSON.createObjectNode().put("kind", "noted");
            case 4 -> JSON.readTree(random.nextBoolean() ? "true" : "[null]");
            default -> JSON.readTree(JSON.writeValueAsString(strange(random)));
        };
    }
}
