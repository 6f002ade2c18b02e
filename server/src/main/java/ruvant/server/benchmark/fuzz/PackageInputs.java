package ruvant.server.benchmark.fuzz;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JacksonException;

/** Packages of a job: names that lead elsewhere, lines that say something else, files that unfold without end. */
final class PackageInputs {
    private static final String JOB = "job.json";
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private final Map<String, byte[]> files = new LinkedHashMap<>();
    private final byte[] whole;

    PackageInputs(byte[] whole) {
        this.whole = whole;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(whole))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    byte[] next(Random random) {
        if (random.nextInt(5) == 0) {
            return Mutations.bytes(whole, random);
        }
        Map<String, byte[]> changed = new LinkedHashMap<>(files);
        changed.computeIfPresent(JOB, (name, file) -> withOtherIds(file, random));
        for (int i = 1 + random.nextInt(2); i > 0; i--) {
            change(changed, random);
        }
        return zipped(changed);
    }

    /** A job that is here already is refused before anything else is looked at: what is sent is another one each time. */
    private static byte[] withOtherIds(byte[] file, Random random) {
        Map<String, String> others = new HashMap<>();
        return ID.matcher(new String(file, StandardCharsets.UTF_8))
                .replaceAll(found -> others.computeIfAbsent(
                        found.group(), id -> new UUID(random.nextLong(), random.nextLong()).toString()))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static void change(Map<String, byte[]> files, Random random) {
        List<String> names = List.copyOf(files.keySet());
        if (names.isEmpty()) {
            return;
        }
        String name = names.get(random.nextInt(names.size()));
        byte[] file = files.get(name);
        switch (random.nextInt(7)) {
            case 0 -> files.put(Mutations.strange(random), file);
            case 1 -> files.put("../".repeat(1 + random.nextInt(6)) + "escaped-" + random.nextInt(9), file);
            case 2 -> files.remove(name);
            case 3 -> files.put(name, Mutations.bytes(file, random));
            case 4 -> files.put(name + "/" + name, new byte[random.nextInt(2) == 0 ? 3_000_000 : 10]);
            default -> files.put(name, jsonChanged(file, random));
        }
    }

    private static byte[] jsonChanged(byte[] file, Random random) {
        try {
            return Mutations.JSON.writeValueAsBytes(Mutations.json(Mutations.JSON.readTree(file), random));
        } catch (JacksonException noJson) {
            return Mutations.bytes(file, random);
        }
    }

    private byte[] zipped(Map<String, byte[]> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                if (file.getKey().length() < 60_000) {
                    zip.putNextEntry(new ZipEntry(file.getKey()));
                    zip.write(file.getValue());
                    zip.closeEntry();
                }
            }
        } catch (ZipException twice) {
            return whole;
        } catch (IOException | IllegalArgumentException noName) {
            return whole;
        }
        return bytes.toByteArray();
    }
}
