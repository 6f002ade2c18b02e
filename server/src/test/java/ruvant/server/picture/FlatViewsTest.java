package ruvant.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Views are grouped in Java and lie flat in JSON. Two groups that say a word of one name would both be written under it,
 * and whoever reads the answer would get one of the two.
 */
class FlatViewsTest {
    private static Stream<Class<?>> records() {
        return new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("ruvant.server").stream()
                        .map(JavaClass::reflect)
                        .filter(Class::isRecord);
    }

    private static List<String> names(Class<?> record) {
        List<String> names = new ArrayList<>();
        for (RecordComponent component : record.getRecordComponents()) {
            if (isUnwrapped(component)) {
                names.addAll(names(component.getType()));
            } else {
                names.add(component.getName());
            }
        }
        return names;
    }

    private static boolean isUnwrapped(RecordComponent component) {
        return component.getAccessor().isAnnotationPresent(JsonUnwrapped.class);
    }

    @Test
    void noNameIsSaidTwiceInOneView() {
        List<Class<?>> flat = records()
                .filter(record -> Arrays.stream(record.getRecordComponents()).anyMatch(FlatViewsTest::isUnwrapped))
                .toList();
        assertThat(flat).contains(JobView.class, PartView.class);
        for (Class<?> view : flat) {
            Set<String> seen = new HashSet<>();
            assertThat(names(view)).as(view.getName()).allMatch(seen::add);
        }
    }

    @Test
    void aViewOfAJobStillSaysWhatItsPagesAskFor() {
        assertThat(names(JobView.class))
                .contains("tag", "parts", "wells", "wayBack", "find", "speeds", "handover", "offer", "stops", "next")
                .hasSize(45);
        assertThat(names(PartView.class))
                .contains("removed", "answer", "over", "lost", "checks")
                .hasSize(24);
    }
}
