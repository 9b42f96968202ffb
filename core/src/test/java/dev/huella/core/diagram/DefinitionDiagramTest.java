package dev.huella.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a definition's clauses say stands in its diagram, and its thumbnail is like no other. */
class DefinitionDiagramTest {
    static Stream<PatternDefinition> patterns() {
        return Catalogue.shipped().definitions().stream().filter(definition -> !definition.isOpportunity());
    }

    @ParameterizedTest
    @CsvSource({"abstract-factory,concrete-factory,DEPENDENCY,concrete-product,''",
            "adapter,adapter,ASSOCIATION,adaptee,1",
            "adapter,adapter,GENERALIZATION,target,''", "builder,concrete-builder,DEPENDENCY,product,''",
            "builder,director,DEPENDENCY,builder,''", "chain-of-responsibility,handler,ASSOCIATION,handler,1",
            "command,concrete-command,DEPENDENCY,receiver,''", "composite,composite,ASSOCIATION,component,0..*",
            "composite,leaf,GENERALIZATION,component,''", "decorator,decorator,ASSOCIATION,component,1",
            "decorator,concrete-decorator,GENERALIZATION,decorator,''", "facade,client,DEPENDENCY,facade,''",
            "factory-method,concrete-creator,DEPENDENCY,concrete-product,''",
            "flyweight,flyweight-factory,ASSOCIATION,flyweight,0..*",
            "iterator,concrete-aggregate,DEPENDENCY,concrete-iterator,''",
            "mediator,colleague,ASSOCIATION,mediator,1", "memento,originator,DEPENDENCY,concrete-memento,''",
            "observer,subject,ASSOCIATION,observer,0..*",
            "prototype,concrete-prototype,DEPENDENCY,concrete-prototype,''",
            "singleton,singleton,ASSOCIATION,singleton,1", "state,concrete-state,DEPENDENCY,context,''",
            "strategy,context,ASSOCIATION,strategy,1", "visitor,element,DEPENDENCY,visitor,''"})
    void whatMakesThePatternIsDrawn(String id, String from, Ending ending, String to, String multiplicity) {
        ClassDiagram diagram = DefinitionDiagram.of(Catalogue.shipped().definition(id));
        assertThat(diagram.links()).anyMatch(link -> link.from().equals(DefinitionDiagram.id(from))
                && link.to().equals(DefinitionDiagram.id(to)) && link.ending() == ending
                && link.multiplicity().equals(multiplicity));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void noRoleHangsInTheAir(PatternDefinition pattern) {
        ClassDiagram diagram = DefinitionDiagram.of(pattern);
        assertThat(diagram.boxes()).allMatch(box -> diagram.links()
                .stream()
                .anyMatch(link -> link.from().equals(box.id()) || link.to().equals(box.id())));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void aLineToWhatIsAboveIsDrawnOnce(PatternDefinition pattern) {
        List<ClassDiagram.Link> above = DefinitionDiagram.of(pattern)
                .links()
                .stream()
                .filter(link -> link.ending() == Ending.GENERALIZATION)
                .toList();
        assertThat(above).noneMatch(link -> above.stream()
                .anyMatch(first -> first.from().equals(link.from()) && above.stream()
                        .anyMatch(second -> second.from().equals(first.to()) && second.to().equals(link.to()))));
    }

    @Test
    void noTwoThumbnailsAreAlike() {
        List<Thumbnail> all = patterns().map(Thumbnail::of).toList();
        assertThat(all).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void aThumbnailCanBeRead(PatternDefinition pattern) {
        Thumbnail thumbnail = Thumbnail.of(pattern);
        Set<List<Integer>> places = new HashSet<>();
        thumbnail.nodes().forEach(node -> places.add(List.of(node.column(), node.row())));
        assertThat(places).hasSameSizeAs(thumbnail.nodes());
        assertThat(thumbnail.nodes()).anyMatch(Thumbnail.Node::key)
                .allMatch(node -> node.column() < thumbnail.columns() && node.row() < thumbnail.rows());
        for (Thumbnail.Line line : thumbnail.lines()) {
            Thumbnail.Node from = thumbnail.nodes().get(line.from());
            Thumbnail.Node to = thumbnail.nodes().get(line.to());
            assertThat(line.ending() != Ending.GENERALIZATION || to.row() < from.row()).isTrue();
            assertThat(thumbnail.nodes()).noneMatch(node -> isMidway(node, from, to));
        }
    }

    @Test
    void manyRolesBesideEachOtherAreNotTriedInEveryOrder(@TempDir Path folder) throws IOException {
        String roles = IntStream.range(0, 14)
                .mapToObj(number -> "  part-" + (char) ('a' + number) + "  key type")
                .collect(Collectors.joining("\n"));
        String uses = IntStream.range(1, 14)
                .mapToObj(number -> "  part-a names part-" + (char) ('a' + number))
                .collect(Collectors.joining("\n"));
        Path file = Files.writeString(folder.resolve("wide.molde"),
                "pattern wide : structural\n  \"One that knows many.\"\n\nroles\n%s\n\nrecognised by\n%s\n"
                        .formatted(roles, uses));
        Catalogue catalogue = Catalogue.with(List.of(file));
        assertThat(catalogue.problems()).isEmpty();
        Thumbnail thumbnail = assertTimeoutPreemptively(Duration.ofSeconds(20),
                () -> Thumbnail.of(catalogue.definition("wide")));
        assertThat(thumbnail.nodes()).hasSize(14);
    }

    @Test
    void whereNoTypePlaysTheThumbnailIsEmpty(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("bare.molde"), """
                pattern idle : behavioural
                  "It is there and does nothing."

                roles
                  step  key operation

                recognised by
                  step does nothing
                """);
        Catalogue catalogue = Catalogue.with(List.of(file));
        assertThat(catalogue.problems()).isEmpty();
        assertThat(Thumbnail.of(catalogue.definition("idle"))).isEqualTo(new Thumbnail(List.of(), List.of(), 1, 0));
    }

    private static boolean isMidway(Thumbnail.Node node, Thumbnail.Node from, Thumbnail.Node to) {
        return from != to && 2 * node.column() == from.column() + to.column()
                && 2 * node.row() == from.row() + to.row();
    }
}
