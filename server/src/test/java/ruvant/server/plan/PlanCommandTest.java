package ruvant.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PlanCommandTest {
    @TempDir
    Path folder;

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private int run(String... arguments) throws IOException {
        return PlanCommand.run(arguments, stream(out), stream(err));
    }

    private static PrintStream stream(ByteArrayOutputStream to) {
        return new PrintStream(to, true, StandardCharsets.UTF_8);
    }

    private String file(String text) throws IOException {
        return Files.writeString(folder.resolve("case.json"), text).toString();
    }

    @Test
    void aPlanIsPrintedAndNothingElse() throws IOException {
        String file = file("""
                {"now":0,"horizon":500,"technicians":[{"id":"Ina","skills":["general"],"windows":[[0,300]]}],
                 "jobs":[{"id":"A","due":100,"tasks":[{"id":"a","kind":"ATTENDED","duration":40,"skill":"general"}]}]}""");
        assertThat(run(file, "--seconds", "0")).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8).lines())
                .containsExactly("task,start,end,technician", "a,0,40,Ina");
        assertThat(err.size()).isZero();
    }

    @Test
    void whatCannotBeReadOrPlannedIsSaidInOneLine() throws IOException {
        assertThat(run(folder.resolve("nowhere.json").toString())).isEqualTo(1);
        assertThat(run(file("not json"))).isEqualTo(1);
        assertThat(run(file("{\"jobs\":[{\"id\":\"A\",\"due\":9,\"tasks\":[{\"id\":\"a\",\"kind\":\"ATTENDED\","
                        + "\"duration\":5,\"skill\":\"general\"}]}]}")))
                .isEqualTo(1);
        assertThat(err.toString(StandardCharsets.UTF_8).lines())
                .hasSize(3)
                .last()
                .isEqualTo(
                        "a needs the skill “general”, which nobody has. Give somebody this skill, or ask for another.");
        assertThat(out.size()).isZero();
    }

    @Test
    void calledWronglyItSaysHow() throws IOException {
        assertThat(run()).isEqualTo(2);
        assertThat(run("a", "b")).isEqualTo(2);
        assertThat(run("a", "--seconds")).isEqualTo(2);
        assertThat(run("a", "--seconds", "many")).isEqualTo(2);
        assertThat(run("a", "--fast")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("Usage: ruvant plan FILE");
    }
}
