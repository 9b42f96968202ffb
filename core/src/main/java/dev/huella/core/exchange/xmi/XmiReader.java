package dev.huella.core.exchange.xmi;

import dev.huella.core.exchange.xmi.UmlModel.Attribute;
import dev.huella.core.exchange.xmi.UmlModel.Binding;
import dev.huella.core.exchange.xmi.UmlModel.Classifier;
import dev.huella.core.exchange.xmi.UmlModel.Collaboration;
import dev.huella.core.exchange.xmi.UmlModel.Diagram;
import dev.huella.core.exchange.xmi.UmlModel.Edge;
import dev.huella.core.exchange.xmi.UmlModel.Features;
import dev.huella.core.exchange.xmi.UmlModel.Parameter;
import dev.huella.core.exchange.xmi.UmlModel.Shape;
import dev.huella.core.exchange.xmi.UmlModel.UmlOperation;
import dev.huella.core.exchange.xmi.UmlModel.UmlRelation;
import dev.huella.core.exchange.xmi.UmlModel.Waypoint;
import dev.huella.core.facts.Visibility;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;

/** Reads what {@link XmiWriter} writes. */
public final class XmiReader {
    private final Element root;
    private final Map<String, Element> byId = new HashMap<>();
    private final Map<String, String> classifierIds = new HashMap<>();
    private final Set<String> used = new HashSet<>();
    private final Map<Integer, Classifier> classifiers = new TreeMap<>();
    private final Map<Integer, UmlRelation> relations = new TreeMap<>();
    private final List<Collaboration> collaborations = new ArrayList<>();

    private XmiReader(Element root) {
        this.root = root;
        index(root);
    }

    /** The model of a file; the stream stays open. Anything but such a file is told in a sentence. */
    public static UmlModel read(InputStream in) throws IOException {
        try {
            var factory = DocumentBuilderFactory.newInstance();
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            Element root = factory.newDocumentBuilder().parse(in).getDocumentElement();
            if (!root.getTagName().equals("xmi:XMI")) {
                throw new IOException("The file begins with <%s>; XMI begins with <xmi:XMI>. Give a file of UML in XMI."
                        .formatted(root.getTagName()));
            }
            return new XmiReader(root).model();
        } catch (SAXException | ParserConfigurationException e) {
            throw new IOException("This is no XML that can be read: %s. Write it anew.".formatted(e.getMessage()), e);
        }
    }

    private void index(Element element) {
        if (!element.getAttribute("xmi:id").isEmpty()) {
            byId.put(element.getAttribute("xmi:id"), element);
        }
        children(element, null).forEach(this::index);
    }

    private static List<Element> children(Element element, String name) {
        List<Element> found = new ArrayList<>();
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element inner && (name == null || inner.getTagName().equals(name))) {
                found.add(inner);
            }
        }
        return found;
    }

    private UmlModel model() throws IOException {
        Element model = children(root, "uml:Model").stream()
                .findFirst()
                .orElseThrow(() -> new IOException("There is no <uml:Model> in this file. Give a file of UML in XMI."));
        number(model);
        elements(model, "", "", false);
        Map<Integer, String> stereotypes = new HashMap<>();
        for (Element element : children(root, null)) {
            if (element.getTagName().startsWith("StandardProfile:")) {
                String base = element.getAttribute("base_Usage") + element.getAttribute("base_Abstraction");
                stereotypes.put(number(base),
                        element.getTagName().substring("StandardProfile:".length()).toLowerCase(Locale.ROOT));
            }
        }
        relations.replaceAll((number, relation) -> stereotypes.containsKey(number)
                ? new UmlRelation(relation.kind(), relation.from(), relation.to(), relation.role(),
                        relation.multiplicity(), stereotypes.get(number))
                : relation);
        return new UmlModel(model.getAttribute("name"), List.copyOf(classifiers.values()),
                List.copyOf(relations.values()), collaborations, diagrams());
    }

    /** Gives each classifier the id that it had: its qualified name, with a number where there are several. */
    private void number(Element model) {
        Map<Integer, Element> inOrder = new TreeMap<>();
        byId.forEach((id, element) -> {
            if (id.matches("c\\d+")) {
                inOrder.put(number(id), element);
            }
        });
        inOrder.values().forEach(element -> {
            String name = qualified(element, model);
            String id = name;
            for (int number = 2; !used.add(id); number++) {
                id = name + "#" + number;
            }
            classifierIds.put(element.getAttribute("xmi:id"), id);
        });
    }

    private static String qualified(Element element, Element model) {
        String name = element.getAttribute("name");
        for (Node up = element.getParentNode(); up != model; up = up.getParentNode()) {
            String outer = ((Element) up).getAttribute("name");
            if (!((Element) up).getAttribute("xmi:id").equals("outside")) {
                name = outer + "." + name;
            }
        }
        return name;
    }

    private void elements(Element parent, String home, String outer, boolean outside) throws IOException {
        for (Element element : children(parent, null)) {
            String id = element.getAttribute("xmi:id");
            switch (element.getAttribute("xmi:type")) {
                case "uml:Package" -> {
                    boolean root = id.equals("outside");
                    String name = element.getAttribute("name");
                    if (!id.equals("written")) {
                        elements(element, root ? "" : home.isEmpty() ? name : home + "." + name, "",
                                outside || root);
                    }
                }
                case "uml:Class", "uml:Interface", "uml:Enumeration" ->
                    classifier(element, home, outer, outside);
                case "uml:Association" -> association(element);
                case "uml:Realization" -> relation(element, "realization", "");
                case "uml:Usage" -> relation(element, "dependency", "use");
                case "uml:Abstraction" -> relation(element, "dependency", "refine");
                case "uml:Collaboration" -> collaboration(element);
                default -> {
                    // comments and what stands inside classifiers is read there
                }
            }
        }
    }

    private void classifier(Element element, String home, String outer, boolean outside) throws IOException {
        String id = element.getAttribute("xmi:id");
        String kind = children(element, "ownedComment").stream()
                .map(comment -> children(comment, "body").getFirst().getTextContent())
                .filter(body -> body.startsWith(Xmi.DECLARED_AS))
                .map(body -> body.substring(Xmi.DECLARED_AS.length()))
                .findFirst()
                .orElse("class");
        List<String> parameters = new ArrayList<>();
        for (Element template : children(element, "ownedTemplateSignature")) {
            for (Element parameter : children(template, "ownedParameter")) {
                parameters.add(children(parameter, "ownedParameteredElement").getFirst().getAttribute("name"));
            }
        }
        String own = classifierIds.get(id);
        classifiers.put(number(id), new Classifier(own, element.getAttribute("name"), outer.isEmpty() ? home : "",
                outer, kind, outside, element.getAttribute("isAbstract").equals("true"), visibility(element),
                parameters, features(element)));
        for (Element general : children(element, "generalization")) {
            relations.put(number(general.getAttribute("xmi:id")), new UmlRelation("generalization", own,
                    classifierIds.get(general.getAttribute("general")), "", "", ""));
        }
        for (Element inner : children(element, "nestedClassifier")) {
            classifier(inner, home, own, outside);
        }
    }

    private Features features(Element element) {
        List<Attribute> attributes = new ArrayList<>();
        List<String> literals = new ArrayList<>();
        for (Element one : children(element, "ownedAttribute")) {
            if (one.getAttribute("visibility").isEmpty()) {
                literals.add(one.getAttribute("name"));
            } else {
                attributes.add(new Attribute(one.getAttribute("name"), type(one), visibility(one), isStatic(one),
                        multiplicity(one)));
            }
        }
        children(element, "ownedLiteral").forEach(literal -> literals.add(literal.getAttribute("name")));
        List<UmlOperation> operations = new ArrayList<>();
        for (Element one : children(element, "ownedOperation")) {
            List<Parameter> parameters = new ArrayList<>();
            String returns = "";
            for (Element parameter : children(one, "ownedParameter")) {
                if (parameter.getAttribute("direction").equals("return")) {
                    returns = type(parameter);
                } else {
                    parameters.add(new Parameter(parameter.getAttribute("name"), type(parameter)));
                }
            }
            operations.add(new UmlOperation(one.getAttribute("name"), parameters, returns, visibility(one),
                    isStatic(one), one.getAttribute("isAbstract").equals("true")));
        }
        return new Features(attributes, operations, literals);
    }

    private String type(Element typed) {
        Element type = byId.get(typed.getAttribute("type"));
        return type == null ? "" : type.getAttribute("name");
    }

    private static boolean isStatic(Element element) {
        return element.getAttribute("isStatic").equals("true");
    }

    private static Visibility visibility(Element element) {
        return Arrays.stream(Visibility.values())
                .filter(one -> one.word().equals(element.getAttribute("visibility")))
                .findFirst()
                .orElse(Visibility.PUBLIC);
    }

    private static String multiplicity(Element element) {
        List<Element> upper = children(element, "upperValue");
        if (upper.isEmpty()) {
            return "1";
        }
        return upper.getFirst().getAttribute("value").equals("*") ? "0..*" : "0..1";
    }

    private void association(Element element) {
        List<Element> ends = children(element, "ownedEnd");
        Element to = ends.getFirst();
        String kind = switch (to.getAttribute("aggregation")) {
            case "composite" -> "composition";
            case "shared" -> "aggregation";
            default -> "association";
        };
        relations.put(number(element.getAttribute("xmi:id")), new UmlRelation(kind,
                classifierIds.get(ends.getLast().getAttribute("type")), classifierIds.get(to.getAttribute("type")),
                to.getAttribute("name"), multiplicity(to), ""));
    }

    private void relation(Element element, String kind, String stereotype) throws IOException {
        String from = classifierIds.get(element.getAttribute("client"));
        String to = classifierIds.get(element.getAttribute("supplier"));
        if (from == null || to == null) {
            throw new IOException("%s leads from \"%s\" to \"%s\", and one of them is not in the file."
                    .formatted(element.getAttribute("xmi:id"), element.getAttribute("client"),
                            element.getAttribute("supplier")));
        }
        relations.put(number(element.getAttribute("xmi:id")), new UmlRelation(kind, from, to, "", "", stereotype));
    }

    private void collaboration(Element element) {
        for (Element use : children(element, "collaborationUse")) {
            List<Binding> bindings = new ArrayList<>();
            for (Element binding : children(use, "roleBinding")) {
                bindings.add(new Binding(byId.get(binding.getAttribute("client")).getAttribute("name"),
                        classifierIds.get(binding.getAttribute("supplier"))));
            }
            collaborations.add(new Collaboration(byId.get(use.getAttribute("type")).getAttribute("name"),
                    use.getAttribute("name"), bindings));
        }
    }

    private List<Diagram> diagrams() {
        List<Diagram> found = new ArrayList<>();
        for (Element diagram : children(root, "umldi:UMLClassDiagram")) {
            List<Shape> shapes = new ArrayList<>();
            List<Edge> edges = new ArrayList<>();
            for (Element part : children(diagram, "ownedUmlDiagramElement")) {
                if (part.getAttribute("xmi:type").equals("umldi:UMLEdge")) {
                    edges.add(new Edge(number(part.getAttribute("modelElement")), children(part, "waypoint").stream()
                            .map(point -> new Waypoint(value(point, "x"), value(point, "y")))
                            .toList()));
                } else {
                    Element bounds = children(part, "bounds").getFirst();
                    shapes.add(new Shape(classifierIds.get(part.getAttribute("modelElement")), value(bounds, "x"),
                            value(bounds, "y"), value(bounds, "width"), value(bounds, "height")));
                }
            }
            found.add(new Diagram(diagram.getAttribute("name"), shapes, edges));
        }
        return found;
    }

    private static double value(Element element, String name) {
        return Double.parseDouble(element.getAttribute(name));
    }

    private static int number(String id) {
        return Integer.parseInt(id.substring(1));
    }
}
