package dev.huella.core.exchange.xmi;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.huella.core.CodeBase;
import dev.huella.core.conformance.Findings;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.ScopeDiagram;
import dev.huella.core.diagram.View;
import dev.huella.core.layout.ClassLayout;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Attr;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

class XmiTest {
    private static final Set<String> REFERENCES = Set.of("type", "general", "client", "supplier", "memberEnd",
            "navigableOwnedEnd", "association", "annotatedElement", "parameter", "parameteredElement",
            "collaborationRole", "modelElement", "base_Usage", "base_Abstraction");

    private static String written(UmlModel model) throws Exception {
        var out = new StringWriter();
        XmiWriter.write(model, out);
        return out.toString();
    }

    private static UmlModel read(String text) throws IOException {
        return XmiReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    /** Every attribute that refers to something, and what it refers to. */
    private static void everyReferenceIsThere(String text) throws Exception {
        Element root = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)))
                .getDocumentElement();
        NodeList all = root.getElementsByTagName("*");
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < all.getLength(); i++) {
            String id = ((Element) all.item(i)).getAttribute("xmi:id");
            assertThat(id.isEmpty() || ids.add(id)).as("id %s is there once", id).isTrue();
        }
        int references = 0;
        for (int i = 0; i < all.getLength(); i++) {
            var attributes = all.item(i).getAttributes();
            for (int at = 0; at < attributes.getLength(); at++) {
                var attribute = (Attr) attributes.item(at);
                if (REFERENCES.contains(attribute.getName())) {
                    assertThat(ids).contains(attribute.getValue().split(" "));
                    references++;
                }
            }
        }
        assertThat(references).isPositive();
    }

    @ParameterizedTest
    @ValueSource(strings = {"observer", "state", "visitor", "builder", "singleton", "adapter"})
    void whatIsWrittenIsReadBackTheSame(String folder) throws Exception {
        Project project = Project.read(List.of(Path.of("src/test/resources/suite", folder)),
                new SourceFilter(List.of(), List.of(), Set.of()), Work.QUIET);
        Findings findings = project.find(Catalogue.shipped(), definition -> true, Work.QUIET);
        var builder = new UmlModelBuilder("port \"Aldera\" & co", project.model())
                .with(ClassLayout.layOut(ScopeDiagram.of(project.model(), new Scope.Everything(), View.USUAL)));
        findings.all().forEach(finding -> builder.with(finding.instance()));
        UmlModel model = builder.build();
        assertThat(model.collaborations()).isNotEmpty();
        assertThat(model.diagrams().getFirst().edges()).isNotEmpty();
        String text = written(model);
        everyReferenceIsThere(text);
        UmlModel back = read(text);
        assertThat(back.classifiers()).isEqualTo(model.classifiers());
        assertThat(back.relations()).isEqualTo(model.relations());
        assertThat(back).isEqualTo(model);
        assertThat(written(back)).isEqualTo(text);
    }

    @Test
    void umlHasItsOwnWordsForEachThing() throws Exception {
        Model model = CodeBase
                .of("""
                        package port; import java.util.List;
                        interface Line { int load(); enum Kind { HEMP, STEEL } }
                        abstract class Gang<T extends Line> implements Line { private List<T> lines; static int count; }
                        class Quay { final Gang<Line> gang = new Night(); Line.Kind kind; enum Tide { LOW { }, HIGH; class Mark {} } }
                        class Night extends Gang<Line> { public int load() { return 1; } }""");
        String text = written(new UmlModelBuilder("port", model).build());
        everyReferenceIsThere(text);
        assertThat(text).contains("xmi:type=\"uml:Interface\"", "xmi:type=\"uml:EnumerationLiteral\"",
                "xmi:type=\"uml:Generalization\"", "xmi:type=\"uml:Realization\"", "aggregation=\"composite\"",
                "<StandardProfile:Create", "uml:ClassifierTemplateParameter", "isStatic=\"true\"",
                "isAbstract=\"true\"", "<nestedClassifier", "value=\"*\"");
        assertThat(written(read(text))).isEqualTo(text);
    }

    @Test
    void whatIsNoXmiIsToldInASentence() {
        assertThatThrownBy(() -> read("<html/>")).isInstanceOf(IOException.class).hasMessageContaining("<html>");
        assertThatThrownBy(() -> read("no xml")).isInstanceOf(IOException.class).hasMessageContaining("no XML");
        assertThatThrownBy(() -> read("<xmi:XMI xmlns:xmi='x'/>")).hasMessageContaining("<uml:Model>");
    }
}
