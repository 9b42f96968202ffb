package dev.huella.core.reading.cpp;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads one file: namespaces, free functions and variables, and members that are defined outside their class. */
final class CppFile {
    private static final Set<String> ENTERED = Set.of("preproc_if", "preproc_ifdef", "preproc_else", "preproc_elif",
            "linkage_specification", "declaration_list", "ERROR", "export_declaration");
    private final String stem;
    private final List<ImportSeen> imports = new ArrayList<>();
    private final List<AliasSeen> aliases = new ArrayList<>();
    private final List<TypeDeclared> types = new ArrayList<>();
    private final Map<String, TypeParts> modules = new LinkedHashMap<>();
    private String first = "";

    CppFile(String stem) {
        this.stem = stem;
    }

    String namespace() {
        return first;
    }

    List<ImportSeen> imports() {
        return imports;
    }

    List<AliasSeen> aliases() {
        return aliases;
    }

    List<TypeDeclared> types() {
        return types;
    }

    /** What stands outside types becomes the module of the file, one for each namespace. */
    void close(SyntaxNode root) {
        modules.forEach((namespace, parts) -> types.addFirst(parts.namespace(namespace).at(root)));
    }

    private TypeParts module(String namespace) {
        return modules.computeIfAbsent(namespace, key -> new TypeParts(TypeKind.MODULE, stem)
                .modifiers(CppTypes.PUBLIC));
    }

    void read(SyntaxNode root, String namespace) {
        for (SyntaxNode node : root == null ? List.<SyntaxNode>of() : root.children()) {
            declaration(node, namespace, List.of());
        }
    }

    private void declaration(SyntaxNode node, String namespace, List<SyntaxNode> templates) {
        switch (node.kind()) {
            case "namespace_definition" -> {
                String name = node.child("name") == null ? "" : CppTypeTexts.plain(node.child("name").text());
                String whole = name.isEmpty() ? namespace : namespace.isEmpty() ? name : namespace + "." + name;
                first = first.isEmpty() ? whole : first;
                read(node.child("body"), whole);
            }
            case "template_declaration" -> {
                List<SyntaxNode> all = new ArrayList<>(templates);
                all.add(node);
                node.children()
                        .stream()
                        .filter(child -> !child.is("template_parameter_list") && !child.is("requires_clause"))
                        .forEach(child -> declaration(child, namespace, all));
            }
            case "class_specifier", "struct_specifier", "union_specifier", "enum_specifier" -> type(node, namespace,
                    templates);
            case "alias_declaration", "type_definition" -> alias(node, namespace);
            case "function_definition" -> function(node, namespace, templates);
            case "declaration", "field_declaration" -> variable(node, namespace, templates);
            default -> {
                if (ENTERED.contains(node.kind())) {
                    read(node, namespace);
                }
            }
        }
    }

    private void type(SyntaxNode node, String namespace, List<SyntaxNode> templates) {
        if (node.child("body") != null && node.child("name") != null) {
            TypeParts parts = CppTypes.declared(node, templates, aliases);
            String path = CppTypeTexts.plain(node.child("name").text());
            if (path.contains(".")) {
                nested(parts, path.substring(0, path.lastIndexOf('.')), namespace, node);
            } else {
                types.add(parts.namespace(namespace).at(node));
            }
        }
    }

    /** {@code class Owner::Name { … }}: what was announced inside its owner. */
    private void nested(TypeParts parts, String owner, String namespace, SyntaxNode node) {
        var around = new TypeParts(TypeKind.CLASS, owner).standing(Standing.EXTENSION)
                .modifiers(CppTypes.PUBLIC)
                .namespace(namespace);
        around.nested().add(parts.modifiers(parts.modifiers().with(Visibility.PRIVATE)).at(node));
        types.add(around.at(node));
    }

    private void using(SyntaxNode node) {
        boolean all = node.tokens().stream().anyMatch(token -> token.is("namespace"));
        if (!node.children().isEmpty()) {
            imports.add(new ImportSeen(CppTypeTexts.plain(node.children().getLast().text()), false, all));
        }
    }

    /** What bodies bring into sight counts for the whole file. */
    void usedInside(SyntaxNode root) {
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(root));
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.is("using_declaration")) {
                using(node);
            } else if (node.is("namespace_alias_definition")) {
                String meant = CppTypeTexts.plain(node.children().getLast().text());
                imports.add(new ImportSeen(meant, false, false, node.child("name").text(), null));
            }
            boolean members = node.is("field_declaration_list"); // there it takes members over, constructors among them
            node.children()
                    .stream()
                    .filter(child -> !members || !child.is("using_declaration"))
                    .forEach(open::add);
        }
    }

    private void alias(SyntaxNode node, String namespace) {
        TypeDeclared named = CppTypes.alias(node, aliases, namespace);
        if (named != null) {
            types.add(named);
        }
        SyntaxNode inner = node.child("type");
        if (inner != null && inner.child("body") != null) {
            SyntaxNode name = CppTypeTexts.name(node.child("declarator"));
            if (inner.child("name") != null) {
                type(inner, namespace, List.of());
            } else if (name != null && !inner.is("enum_specifier")) {
                types.add(CppTypes.unnamed(inner, name.text(), aliases).namespace(namespace).at(node));
            }
        }
    }

    private void function(SyntaxNode node, String namespace, List<SyntaxNode> templates) {
        SyntaxNode declarator = CppTypeTexts.function(node.child("declarator"));
        SyntaxNode type = node.child("type");
        if (type != null && type.child("body") != null) {
            type(type, namespace, List.of());
        }
        SyntaxNode name = declarator == null ? null : CppTypeTexts.name(declarator);
        if (name == null) {
            return;
        }
        if (name.is("qualified_identifier")) {
            String path = CppTypeTexts.plain(name.text());
            int dot = path.lastIndexOf('.');
            if (dot > 0) {
                outside(node, path.substring(0, dot), path.substring(dot + 1), namespace, templates);
            }
            return;
        }
        new CppMembers(module(namespace), aliases).open(templates)
                .operation(node, Visibility.PUBLIC, true, name.text());
    }

    /** A member defined outside its class. */
    private void outside(SyntaxNode node, String owner, String name, String namespace,
            List<SyntaxNode> templates) {
        var parts = new TypeParts(TypeKind.CLASS, owner).standing(Standing.EXTENSION).modifiers(CppTypes.PUBLIC);
        String simple = owner.substring(owner.lastIndexOf('.') + 1);
        new CppMembers(parts, aliases).named(simple).open(templates).operation(node, Visibility.PUBLIC, false, name);
        types.add(parts.namespace(namespace).at(node));
    }

    private void variable(SyntaxNode node, String namespace, List<SyntaxNode> templates) {
        SyntaxNode type = node.child("type");
        if (type != null && type.child("body") != null) {
            type(type, namespace, templates);
        }
        for (SyntaxNode declarator : node.children("declarator")) {
            SyntaxNode own = declarator.is("init_declarator") ? declarator.child("declarator") : declarator;
            SyntaxNode name = CppTypeTexts.name(own);
            if (name == null || CppTypeTexts.function(own) != null) {
                continue;
            }
            if (isElsewhere(node, declarator)) {
                continue;
            }
            if (name.is("qualified_identifier")) {
                staticMember(node, declarator, name, namespace);
            } else {
                var bodies = new CppBodies(stem, module(namespace));
                TypeText text = CppTypeTexts.declared(type, own);
                Value initial = bodies.initial(declarator, text, own);
                module(namespace).fields()
                        .add(new FieldDeclared(name.text(), text, CppTypes.PUBLIC.with(Mark.STATIC),
                                FieldDeclared.Kind.FIELD, initial, bodies.inner(), declarator.span()));
            }
        }
    }

    /** Only announced here. */
    private static boolean isElsewhere(SyntaxNode node, SyntaxNode declarator) {
        return !declarator.is("init_declarator") && node.children()
                .stream()
                .anyMatch(child -> child.is("storage_class_specifier") && child.text().equals("extern"));
    }

    /** {@code T Owner::name = value;}: the value that a class-level field starts with. */
    private void staticMember(SyntaxNode node, SyntaxNode declarator, SyntaxNode name, String namespace) {
        String path = CppTypeTexts.plain(name.text());
        int dot = path.lastIndexOf('.');
        var parts = new TypeParts(TypeKind.CLASS, path.substring(0, dot)).standing(Standing.EXTENSION)
                .modifiers(CppTypes.PUBLIC);
        var bodies = new CppBodies(parts.name(), parts);
        TypeText type = CppTypeTexts.of(node, declarator.is("init_declarator")
                ? declarator.child("declarator")
                : declarator);
        Value initial = bodies.initial(declarator, type, declarator);
        if (initial != null) {
            var at = declarator.span();
            Step set = new Step.Do(new Value.Assign(new Value.Name(path.substring(dot + 1), at), initial, true, at),
                    at);
            parts.operations()
                    .add(new OperationDeclared("<static>", Kind.INITIALISER,
                            Modifiers.of(Visibility.PRIVATE, Mark.STATIC), List.of(), List.of(), null, List.of(set),
                            bodies.inner(), at));
            types.add(parts.namespace(namespace).at(node));
        }
    }
}
