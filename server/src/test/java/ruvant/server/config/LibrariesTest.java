package ruvant.server.config;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class LibrariesTest {
    @Test
    void whatTheServerIsMadeOfIsListedWithLicences() throws IOException {
        String notice = Libraries.notice();
        List<Class<?>> used = List.of(
                org.springframework.boot.SpringApplication.class,
                org.apache.catalina.startup.Tomcat.class,
                org.sqlite.JDBC.class,
                org.flywaydb.core.Flyway.class,
                com.ibm.icu.text.Bidi.class,
                com.openhtmltopdf.pdfboxout.PdfRendererBuilder.class,
                tools.jackson.databind.json.JsonMapper.class);
        List<String> jars = used.stream()
                .map(type ->
                        type.getProtectionDomain().getCodeSource().getLocation().getPath())
                .map(path -> path.substring(path.lastIndexOf('/') + 1))
                .toList();
        for (String jar : jars) {
            Matcher parts = Pattern.compile("(.+?)-(\\d[\\w.-]*)\\.jar").matcher(jar);
            assertThat(parts.matches()).isTrue();
            assertThat(notice).as(jar).contains(":" + parts.group(1) + ":" + parts.group(2) + " ");
        }
        assertThat(notice)
                .contains("(MIT) react ")
                .contains("(OFL-1.1) @fontsource")
                .doesNotContain("(ruvant:");
    }

    @Test
    void nothingThatWouldBindRuvantItselfShips() throws IOException {
        for (String line : Libraries.notice()
                .lines()
                .filter(one -> one.startsWith("     ("))
                .toList()) {
            String licences = line.toUpperCase(java.util.Locale.ROOT);
            assertThat(licences).doesNotContain("AGPL").doesNotContain("(UNKNOWN");
            if (licences.contains("GPL") && !licences.contains("LGPL") && !licences.contains("LESSER")) {
                assertThat(licences).as(line).contains("CPE");
            }
        }
    }
}
