package dev.huella.core.exchange.xmi;

import dev.huella.core.exchange.xmi.UmlModel.Classifier;
import dev.huella.core.exchange.xmi.UmlModel.UmlRelation;
import java.io.Writer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;

/** Writes a model as UML in XMI 2.5.1, with diagram interchange. The same model gives the same text. */
public final class XmiWriter {
    private final UmlModel model;
    private final XmlOut out;
    private final Map<String, String> ids = new HashMap<>();
    private final Map<String, String> written = new LinkedHashMap<>();
    private final Map<String, List<Classifier>> inside;
    private final Map<String, List<Integer>> relationsFrom = new HashMap<>();

    private XmiWriter(UmlModel model, XmlOut out) {
        this.model = model;
        this.out = out;
        for (int i = 0; i < model.classifiers().size(); i++) {
            ids.put(model.classifiers().get(i).id(), "c" + i);
        }
        inside = model.classifiers()
                .stream()
                .filter(classifier -> !classifier.outer().isEmpty())
                .collect(Collectors.groupingBy(Classifier::outer));
        for (int i = 0; i < model.relations().size(); i++) {
            relationsFrom.computeIfAbsent(model.relations().get(i).from(), key -> new ArrayList<>()).add(i);
        }
    }

    public static void write(UmlModel model, Writer to) throws XMLStreamException {
        var xml = XMLOutputFactory.newInstance().createXMLStreamWriter(to);
        new XmiWriter(model, new XmlOut(xml)).document();
        xml.flush();
    }

    private void document() throws XMLStreamException {
        out.begin("xmi:XMI");
        out.namespace("xmi", Xmi.XMI);
        out.namespace("uml", Xmi.UML);
        out.namespace("umldi", Xmi.UMLDI);
        out.namespace("dc", Xmi.DC);
        out.namespace("StandardProfile", Xmi.STANDARD);
        out.begin("uml:Model", "xmi:id", "model", "xmi:type", "uml:Model", "name", model.name());
        packages(false);
        out.begin("packagedElement", "xmi:type", "uml:Package", "xmi:id", "outside", "name", Xmi.OUTSIDE);
        packages(true);
        out.end();
        for (int i = 0; i < model.relations().size(); i++) {
            relation(i);
        }
        new CollaborationXmi(out, ids).write(model.collaborations());
        writtenTypes();
        out.end();
        stereotypes();
        new DiagramXmi(out, ids).write(model.diagrams());
        out.end();
        out.finish();
    }

    private void packages(boolean outside) throws XMLStreamException {
        Map<String, List<Classifier>> byHome = new TreeMap<>();
        for (Classifier classifier : model.classifiers()) {
            if (classifier.outside() == outside && classifier.outer().isEmpty()) {
                byHome.computeIfAbsent(classifier.home(), key -> new ArrayList<>()).add(classifier);
            }
        }
        String prefix = outside ? "po" : "p";
        List<String> open = new ArrayList<>();
        for (var entry : byHome.entrySet()) {
            List<String> path = entry.getKey().isEmpty() ? List.of() : List.of(entry.getKey().split("\\."));
            int same = 0;
            while (same < open.size() && same < path.size() && open.get(same).equals(path.get(same))) {
                same++;
            }
            while (open.size() > same) {
                open.removeLast();
                out.end();
            }
            for (String part : path.subList(same, path.size())) {
                open.add(part);
                out.begin("packagedElement", "xmi:type", "uml:Package", "xmi:id",
                        prefix + "." + String.join(".", open), "name", part);
            }
            for (Classifier classifier : entry.getValue()) {
                classifier("packagedElement", classifier);
            }
        }
        for (int i = 0; i < open.size(); i++) {
            out.end();
        }
    }

    /** Enumerations with types inside become classes, because UML's have no room for them. */
    private String type(Classifier classifier) {
        return switch (classifier.kind()) {
            case "interface", "protocol", "trait" -> "uml:Interface";
            case "enum" -> inside.containsKey(classifier.id()) ? "uml:Class" : "uml:Enumeration";
            default -> "uml:Class";
        };
    }

    private void classifier(String element, Classifier classifier) throws XMLStreamException {
        String id = ids.get(classifier.id());
        out.begin(element, "xmi:type", type(classifier), "xmi:id", id, "name", classifier.name(), "visibility",
                classifier.visibility().word());
        if (classifier.isAbstract()) {
            out.attribute("isAbstract", "true");
        }
        out.begin("ownedComment", "xmi:type", "uml:Comment", "xmi:id", id + ".kind", "annotatedElement", id);
        out.leaf("body", Xmi.DECLARED_AS + classifier.kind());
        out.end();
        template(classifier, id);
        generalizations(classifier);
        attributes(classifier, id);
        operations(classifier, id);
        int literal = 0;
        boolean enumeration = type(classifier).equals("uml:Enumeration");
        for (String name : classifier.features().literals()) {
            out.begin(enumeration ? "ownedLiteral" : "ownedAttribute", "xmi:type",
                    enumeration ? "uml:EnumerationLiteral" : "uml:Property", "xmi:id", id + ".l" + literal++, "name",
                    name);
            out.end();
        }
        for (Classifier inner : inside.getOrDefault(classifier.id(), List.of())) {
            classifier("nestedClassifier", inner);
        }
        out.end();
    }

    private void template(Classifier classifier, String id) throws XMLStreamException {
        if (classifier.typeParameters().isEmpty()) {
            return;
        }
        out.begin("ownedTemplateSignature", "xmi:type", "uml:RedefinableTemplateSignature", "xmi:id", id + ".t");
        List<String> all = new ArrayList<>();
        for (int i = 0; i < classifier.typeParameters().size(); i++) {
            all.add(id + ".t" + i);
        }
        out.attribute("parameter", String.join(" ", all));
        for (int i = 0; i < all.size(); i++) {
            out.begin("ownedParameter", "xmi:type", "uml:ClassifierTemplateParameter", "xmi:id", all.get(i),
                    "parameteredElement", all.get(i) + ".e");
            out.begin("ownedParameteredElement", "xmi:type", "uml:Class", "xmi:id", all.get(i) + ".e", "name",
                    classifier.typeParameters().get(i));
            out.end();
            out.end();
        }
        out.end();
    }

    private void generalizations(Classifier classifier) throws XMLStreamException {
        for (int i : relationsFrom.getOrDefault(classifier.id(), List.of())) {
            UmlRelation relation = model.relations().get(i);
            if (relation.kind().equals("generalization")) {
                out.begin("generalization", "xmi:type", "uml:Generalization", "xmi:id", "r" + i, "general",
                        ids.get(relation.to()));
                out.end();
            }
        }
    }

    private void attributes(Classifier classifier, String id) throws XMLStreamException {
        for (int i = 0; i < classifier.features().attributes().size(); i++) {
            var attribute = classifier.features().attributes().get(i);
            out.begin("ownedAttribute", "xmi:type", "uml:Property", "xmi:id", id + ".a" + i, "name", attribute.name(),
                    "visibility", attribute.visibility().word());
            if (attribute.isStatic()) {
                out.attribute("isStatic", "true");
            }
            type(attribute.type());
            multiplicity(id + ".a" + i, attribute.multiplicity());
            out.end();
        }
    }

    private void type(String text) throws XMLStreamException {
        if (!text.isEmpty()) {
            out.attribute("type", written.computeIfAbsent(text, key -> "w" + written.size()));
        }
    }

    private void multiplicity(String id, String text) throws XMLStreamException {
        if (text.isEmpty() || text.equals("1")) {
            return;
        }
        out.begin("lowerValue", "xmi:type", "uml:LiteralInteger", "xmi:id", id + ".low", "value", "0");
        out.end();
        String upper = text.endsWith("*") ? "*" : "1";
        out.begin("upperValue", "xmi:type", "uml:LiteralUnlimitedNatural", "xmi:id", id + ".up", "value", upper);
        out.end();
    }

    private void operations(Classifier classifier, String id) throws XMLStreamException {
        for (int i = 0; i < classifier.features().operations().size(); i++) {
            var operation = classifier.features().operations().get(i);
            String own = id + ".o" + i;
            out.begin("ownedOperation", "xmi:type", "uml:Operation", "xmi:id", own, "name", operation.name(),
                    "visibility", operation.visibility().word());
            if (operation.isStatic()) {
                out.attribute("isStatic", "true");
            }
            if (operation.isAbstract()) {
                out.attribute("isAbstract", "true");
            }
            for (int at = 0; at < operation.parameters().size(); at++) {
                out.begin("ownedParameter", "xmi:type", "uml:Parameter", "xmi:id", own + ".p" + at, "name",
                        operation.parameters().get(at).name(), "direction", "in");
                type(operation.parameters().get(at).type());
                out.end();
            }
            if (!operation.returns().isEmpty()) {
                out.begin("ownedParameter", "xmi:type", "uml:Parameter", "xmi:id", own + ".r", "direction", "return");
                type(operation.returns());
                out.end();
            }
            out.end();
        }
    }

    private void relation(int number) throws XMLStreamException {
        UmlRelation relation = model.relations().get(number);
        String id = "r" + number;
        String from = ids.get(relation.from());
        String to = ids.get(relation.to());
        switch (relation.kind()) {
            case "generalization" -> {
                // stands inside its classifier
            }
            case "association", "aggregation", "composition" -> association(relation, id, from, to);
            case "realization" -> {
                out.begin("packagedElement", "xmi:type", "uml:Realization", "xmi:id", id, "client", from, "supplier",
                        to);
                out.end();
            }
            default -> {
                String type = relation.stereotype().equals("refine") ? "uml:Abstraction" : "uml:Usage";
                out.begin("packagedElement", "xmi:type", type, "xmi:id", id, "client", from, "supplier", to);
                out.end();
            }
        }
    }

    private void association(UmlRelation relation, String id, String from, String to) throws XMLStreamException {
        out.begin("packagedElement", "xmi:type", "uml:Association", "xmi:id", id, "memberEnd",
                id + ".to " + id + ".from", "navigableOwnedEnd", id + ".to");
        out.begin("ownedEnd", "xmi:type", "uml:Property", "xmi:id", id + ".to", "name", relation.role(), "type", to,
                "association", id);
        if (!relation.kind().equals("association")) {
            out.attribute("aggregation", relation.kind().equals("composition") ? "composite" : "shared");
        }
        multiplicity(id + ".to", relation.multiplicity());
        out.end();
        out.begin("ownedEnd", "xmi:type", "uml:Property", "xmi:id", id + ".from", "type", from, "association", id);
        out.end();
        out.end();
    }

    private void writtenTypes() throws XMLStreamException {
        out.begin("packagedElement", "xmi:type", "uml:Package", "xmi:id", "written", "name", Xmi.WRITTEN);
        for (var entry : written.entrySet()) {
            out.begin("packagedElement", "xmi:type", "uml:DataType", "xmi:id", entry.getValue(), "name",
                    entry.getKey());
            out.end();
        }
        out.end();
    }

    /** The standard profile's stereotypes for kinds of usage. */
    private void stereotypes() throws XMLStreamException {
        for (int i = 0; i < model.relations().size(); i++) {
            String name = switch (model.relations().get(i).stereotype()) {
                case "create" -> "Create";
                case "call" -> "Call";
                case "refine" -> "Refine";
                default -> null;
            };
            if (name != null) {
                out.begin("StandardProfile:" + name, "xmi:id", "s" + i,
                        name.equals("Refine") ? "base_Abstraction" : "base_Usage", "r" + i);
                out.end();
            }
        }
    }
}
