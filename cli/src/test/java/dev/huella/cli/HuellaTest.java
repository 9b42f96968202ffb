package dev.huella.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HuellaTest {
    @TempDir
    Path folder;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void code() throws Exception {
        Files.writeString(folder.resolve("Bells.java"), """
                import java.util.*;
                interface Bell { void rung(int hour); }
                class Tower { private final List<Bell> bells = new ArrayList<>(); private int hour;
                  private Monk first = new Monk();
                  void hang(Bell b) { bells.add(b); }
                  void strike() { hour = 1; for (Bell b : bells) { b.rung(hour); } } }
                class Monk implements Bell { int n; public void rung(int hour) { n += hour; } }
                """);
    }

    private int run(String... arguments) {
        return Huella.commandLine()
                .setOut(new PrintWriter(out, true))
                .setErr(new PrintWriter(err, true))
                .execute(arguments);
    }

    private JsonNode json(String command) throws Exception {
        run(command, folder.toString(), "--format", "json");
        return new ObjectMapper().readTree(out.toString());
    }

    @Test
    void scanPrintsTheStructure() throws Exception {
        JsonNode document = json("scan");
        assertThat(document.path("format").asText()).isEqualTo("huella-structure/1");
        JsonNode field = document.path("types").get(1).path("fields").get(0);
        assertThat(field.path("name").asText()).isEqualTo("bells");
        assertThat(field.path("multiplicity").asText()).isEqualTo("0..*");
        assertThat(field.path("mutable").asBoolean()).isFalse();
        assertThat(document.path("relations").toString())
                .contains("\"kind\":\"realization\",\"from\":\"Monk\",\"to\":\"Bell\"");
        assertThat(document.path("types").toString()).contains("\"external\":true");
    }

    @Test
    void scanSaysHowEachMemberIsKnown() throws Exception {
        Files.writeString(folder.resolve("tower.py"), """
                class Rope:
                    def pull(self): pass
                class Winch:
                    def __init__(self, length: int, other):
                        self.rope = Rope()
                        self.length = length
                        self.other = other
                """);
        String members = json("scan").path("types").toString();
        assertThat(members).contains("\"name\":\"rope\",\"type\":\"Rope\"")
                .containsPattern("\"name\":\"rope\"[^}]*\"resolved\":\"inferred\"")
                .containsPattern("\"name\":\"other\"[^}]*\"resolved\":\"unknown\"")
                .containsPattern("\"name\":\"length\",\"type\":\"int\",\"resolved\":\"declared\"");
    }

    @Test
    void findPrintsRolesFactsAndObligationsWithPlaces() throws Exception {
        JsonNode instance = json("find").path("instances").get(0);
        assertThat(instance.path("id").asText()).isEqualTo("observer:Tower:Bell");
        assertThat(instance.path("roles").path("registry").get(0).path("element").asText()).isEqualTo("Tower.bells");
        assertThat(instance.path("facts").get(0).path("places").get(0).path("file").asText()).isEqualTo("Bells.java");
        assertThat(instance.path("obligations").toString())
                .contains("\"id\":\"detachable\",\"level\":\"should\",\"verdict\":\"broken\"");
    }

    @Test
    void theSameInputGivesTheSameBytes() throws Exception {
        json("find");
        String first = out.toString();
        out.getBuffer().setLength(0);
        json("find");
        assertThat(out.toString()).isEqualTo(first);
    }

    @Test
    void checkFailsOnABrokenMust() {
        assertThat(run("check", folder.toString())).isEqualTo(1);
        assertThat(out.toString()).contains("knows-abstraction-only: Tower names Monk");
        assertThat(run("check", folder.toString(), "--pattern", "visitor")).isZero();
    }

    @Test
    void drawWritesWhatTheEndingSays() throws Exception {
        assertThat(run("draw", folder.toString(), "--type", "Tower", "-o", folder.resolve("t.svg").toString()))
                .isZero();
        assertThat(Files.readString(folder.resolve("t.svg"))).startsWith("<svg").contains("Tower");
        assertThat(run("draw", folder.toString(), "-o", folder.resolve("t.png").toString())).isZero();
        assertThat(Files.size(folder.resolve("t.png"))).isPositive();
        assertThat(run("draw", folder.toString(), "-o", folder.resolve("t.gif").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("diagrams are written as .svg, .png, .pdf or .xmi");
    }

    @Test
    void drawShowsWhatTheWindowShows() throws Exception {
        String find = "observer:Tower:Bell";
        assertThat(draw("--find", find, "--as", "compared")).contains(">concrete-observer</text>", ">Tower</text>");
        assertThat(draw("--find", find, "--as", "calls")).contains(">loop</text>");
        assertThat(draw("--find", find, "--as", "collaboration")).contains("<ellipse");
        assertThat(draw("--types", "Tower,Bell", "--detail", "names")).contains(">Tower</text>")
                .doesNotContain("bells:");
        assertThat(draw("--type", "Tower", "--hide", "Bell")).doesNotContain(">Bell</text>");
        assertThat(draw("--most", "1")).contains("1 of ");
        Path xmi = folder.resolve("t.xmi");
        assertThat(run("draw", folder.toString(), "--find", find, "-o", xmi.toString())).isZero();
        assertThat(Files.readString(xmi)).contains("<uml:Model", "name=\"Tower\"", "uml:CollaborationUse",
                "umldi:UMLClassifierShape");
    }

    private String draw(String... more) throws Exception {
        Path file = folder.resolve("d.svg");
        List<String> all = new ArrayList<>(List.of("draw", folder.toString(), "-o", file.toString()));
        all.addAll(List.of(more));
        assertThat(run(all.toArray(String[]::new))).as(err.toString()).isZero();
        return Files.readString(file);
    }

    @Test
    void whatCannotBeDrawnIsTold() {
        String file = folder.resolve("d.svg").toString();
        String find = "observer:Tower:Bell";
        assertThat(run("draw", folder.toString(), "-o", file, "--find", find, "--as", "transitions")).isEqualTo(2);
        assertThat(err.toString()).contains("cannot be shown as TRANSITIONS; it can as ROLES");
        assertThat(run("draw", folder.toString(), "-o", file, "--calls", "Tower.fly")).isEqualTo(2);
        assertThat(err.toString()).contains("Tower has no operation fly. It has");
        assertThat(run("draw", folder.toString(), "-o", file, "--type", "Tower", "--distance", "9")).isEqualTo(2);
        assertThat(run("draw", folder.toString(), "-o", file, "--package", "nowhere")).isEqualTo(2);
    }

    @Test
    void wrongUsageAndUnreadableSourcesHaveTheirOwnStatus() {
        assertThat(run("find", folder.toString(), "--pattern", "obsever")).isEqualTo(2);
        assertThat(err.toString()).contains("There is no pattern obsever").contains("observer");
        assertThat(run("scan", folder.resolve("nowhere").toString())).isEqualTo(3);
        assertThat(run("scan")).isEqualTo(2);
        assertThat(run("draw", folder.toString(), "--type", "Nobody", "-o", "x.svg")).isEqualTo(2);
    }

    @Test
    void aBrokenDefinitionIsToldAndTheOthersServe() throws Exception {
        Path own = folder.resolve("own.molde");
        Files.writeString(own, "pattern bad : structural\n  \"x\"\nroles\n  a key tpye\n");
        assertThat(run("find", folder.toString(), "--definitions", own.toString())).isZero();
        assertThat(err.toString()).contains("own.molde:4:").contains("Did you mean \"type\"?");
        assertThat(out.toString()).contains("observer (push)");
    }

    @Test
    void aDefinitionBesideTheCodeTakesThePlaceOfTheShippedOne() throws Exception {
        Path own = Files.createDirectories(folder.resolve(".huella")).resolve("observer.molde");
        Files.writeString(own, """
                pattern observer : behavioural
                  "Ours is kept by a type that cannot be made."

                roles
                  subject key type

                recognised by
                  subject is an abstraction
                  not subject can be made
                  subject is a subject
                  subject is a mixin
                """);
        assertThat(run("find", folder.toString(), "--pattern", "observer")).isZero();
        assertThat(out.toString()).contains("0 finds").doesNotContain("observer (push)");
        Files.delete(own);
        assertThat(run("find", folder.toString(), "--pattern", "observer")).isZero();
        assertThat(out.toString()).contains("observer (push)");
    }

    @Test
    void whatGivesWayIsSaidToBeListedAsAnother() throws Exception {
        Files.writeString(folder.resolve("Lamps.java"),
                """
                        interface Lamp { int light(int hour); }
                        class Oil implements Lamp { public int light(int hour) { return hour * 2; } }
                        class Gas implements Lamp { public int light(int hour) { return hour + 7; } }
                        class Row implements Lamp { private final java.util.List<Lamp> lamps = new java.util.ArrayList<>();
                          void add(Lamp lamp) { lamps.add(lamp); }
                          public int light(int hour) { int sum = 0; for (Lamp l : lamps) { sum += l.light(hour); } return sum; } }
                        class Pier { private final Lamp lamp; Pier(Lamp lamp) { this.lamp = lamp; }
                          int bright(int hour) { return lamp.light(hour) + 1; } }
                        """);
        run("explain", folder.toString(), "--pattern", "strategy", "--type", "Pier", "--type", "Lamp");
        assertThat(out.toString()).contains("it is one").contains("It is not listed").contains("composite:Lamp:Row");
        run("explain", folder.toString(), "--pattern", "composite", "--type", "Row");
        assertThat(out.toString().split("It is not listed")).hasSize(2);
    }

    @Test
    void definitionsComeFromAFolderToo() throws Exception {
        Path own = Files.createDirectory(folder.resolve("own"));
        Files.writeString(own.resolve("hanger.molde"), """
                pattern hanger : structural
                  "One hangs another up."

                roles
                  tower  key type
                  hang   operation, 1..*

                recognised by
                  hang belongs to tower
                  hang adds its input to Hung
                """);
        run("find", folder.toString(), "--definitions", own.toString(), "--pattern", "hanger");
        assertThat(out.toString()).contains("tower Tower; hang hang");
    }
}
