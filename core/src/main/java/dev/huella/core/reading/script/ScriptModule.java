package dev.huella.core.reading.script;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Reads the top level of one file: imports, declarations, and what is done when it is loaded. */
final class ScriptModule {
    private final String stem;
    private final TypeParts parts;
    private final ScriptBodies bodies;
    private final ScriptImports imports;
    private final List<AliasSeen> aliases = new ArrayList<>();
    private final List<TypeDeclared> types = new ArrayList<>();
    private final List<Step> steps = new ArrayList<>();
    private final Set<String> given = new HashSet<>();
    private ScriptPrototypes prototypes;

    ScriptModule(String stem) {
        this.stem = stem;
        this.parts = new TypeParts(TypeKind.MODULE, stem).modifiers(ScriptTypes.PUBLIC);
        this.bodies = new ScriptBodies(stem);
        this.imports = new ScriptImports(stem);
    }

    TypeParts parts() {
        return parts;
    }

    ScriptBodies bodies() {
        return bodies;
    }

    List<ImportSeen> imports() {
        return imports.all();
    }

    List<AliasSeen> aliases() {
        return aliases;
    }

    List<TypeDeclared> types() {
        return types;
    }

    List<Step> steps() {
        return steps;
    }

    void read(SyntaxNode root) {
        prototypes = new ScriptPrototypes(root);
        top(root);
        types.addAll(prototypes.types());
        if (!given.isEmpty()) {
            types.replaceAll(type -> type.kind() == TypeKind.CLASS && !type.anonymous() && !given.contains(type.name())
                    ? type.with(type.modifiers().with(Visibility.PRIVATE))
                    : type);
        }
    }

    /** What a file exports in any of the ways there are; a file that exports something keeps the rest to itself. */
    private void gives(SyntaxNode node) {
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(node));
        while (!open.isEmpty()) {
            SyntaxNode part = open.pop();
            if (part.kind().endsWith("identifier")) {
                given.add(part.text());
            } else if (!part.is("class_body") && !part.is("statement_block")) {
                part.children().forEach(open::push);
            }
        }
    }

    private void top(SyntaxNode root) {
        DocComment doc = DocComment.NONE;
        for (SyntaxNode node : root.withComments()) {
            if (node.isComment()) {
                doc = doc.then(node.text());
            } else if (node.named()) {
                statement(node, doc);
                doc = DocComment.NONE;
            }
        }
    }

    private void statement(SyntaxNode node, DocComment doc) {
        switch (node.kind()) {
            case "import_statement" -> imports.statement(node);
            case "export_statement" -> exported(node, doc);
            case "class_declaration", "abstract_class_declaration" -> types.add(ScriptTypes.type(node, stem, doc));
            case "interface_declaration" -> types.add(ScriptTypes.interfaceType(node));
            case "enum_declaration" -> types.add(ScriptTypes.enumType(node));
            case "type_alias_declaration" -> named(node);
            case "function_declaration", "generator_function_declaration" ->
                function(node.child("name").text(), node, node, doc);
            case "lexical_declaration", "variable_declaration" ->
                node.children().forEach(child -> variable(child, doc));
            case "ambient_declaration", "ERROR" -> top(node);
            case "internal_module", "module" -> {
                if (node.child("body") != null) {
                    top(node.child("body"));
                }
            }
            case "expression_statement" -> expression(node);
            default -> bodies.statement(node, steps);
        }
    }

    private void named(SyntaxNode node) {
        TypeDeclared type = ScriptTypes.named(node);
        if (type != null) {
            types.add(type);
            return;
        }
        TypeText meant = ScriptTypeTexts.type(node.child("value"));
        if (meant != null) {
            List<String> open = ScriptTypeTexts.parameters(node, DocComment.NONE)
                    .stream()
                    .map(TypeParameterDeclared::name)
                    .toList();
            aliases.add(new AliasSeen(node.child("name").text(), meant.present().leaving(open)));
        }
    }

    private void exported(SyntaxNode node, DocComment doc) {
        imports.exported(node);
        SyntaxNode declaration = node.child("declaration");
        SyntaxNode name = declaration == null ? null : declaration.child("name");
        gives(name != null ? name : node);
        if (declaration != null) {
            statement(declaration, doc);
            return;
        }
        SyntaxNode value = node.child("value");
        if (value != null) {
            exportedValue(value, doc);
        }
    }

    /** {@code export default value}, {@code module.exports = value}. */
    private void exportedValue(SyntaxNode value, DocComment doc) {
        if (value.is("class")) {
            TypeDeclared type = ScriptTypes.type(value, stem, doc);
            types.add(type);
            imports.gives("default", type.name());
        } else if (value.is("identifier")) {
            imports.gives("default", value.text());
        } else if (ScriptValues.isFunction(value)) {
            function("default", value, value, doc);
        } else if (value.is("object") && !ScriptClosures.hasFunctions(value)) {
            for (SyntaxNode pair : value.children()) {
                if (pair.is("pair") && pair.child("value").is("identifier")) {
                    imports.gives(ScriptMembers.name(pair.child("key")), pair.child("value").text());
                }
            }
        } else {
            field("default", value, null, value);
        }
    }

    private void field(String name, SyntaxNode value, TypeText type, SyntaxNode at) {
        if (parts.hasField(name)) {
            return;
        }
        var own = new ScriptBodies(stem);
        Value initial = value == null ? null : own.heldBy(name, value, type);
        Modifiers modifiers = ScriptTypes.PUBLIC.with(Mark.STATIC);
        parts.fields()
                .add(new FieldDeclared(name, type, modifiers, FieldDeclared.Kind.FIELD, initial, own.inner(),
                        at.span()));
    }

    /** A function: a class in the old manner, a maker of closures, or an operation of the module. */
    private void function(String name, SyntaxNode node, SyntaxNode at, DocComment doc) {
        if (prototypes.isClass(name)) {
            prototypes.constructor(name, node, doc);
            return;
        }
        TypeDeclared mixin = ScriptTypes.mixin(node, name, doc);
        if (mixin != null) {
            types.add(mixin);
            return;
        }
        SyntaxNode standIn = ScriptStandIns.made(node);
        SyntaxNode surface = standIn == null ? ScriptClosures.surface(node) : standIn;
        if (surface != null) {
            types.add(standIn == null
                    ? ScriptClosures.closure(node, surface, name, false)
                    : ScriptStandIns.type(node, standIn, name));
            List<ParameterDeclared> parameters = ScriptValues.parameters(node, doc);
            var span = surface.span();
            List<Value> handed = parameters.stream().map(one -> (Value) new Value.Name(one.name(), span)).toList();
            operation(name, List.of(), parameters, ScriptClosures.promised(node),
                    List.of(new Step.Return(new Value.Create(TypeText.of(name), handed, null,
                            span), span)),
                    List.of(), at);
            return;
        }
        var own = new ScriptBodies(stem);
        operation(name, ScriptTypeTexts.parameters(node, doc), ScriptValues.parameters(node, doc),
                ScriptMembers.result(node, doc), own.functionBody(node), own.inner(), at);
    }

    private void operation(String name, List<TypeParameterDeclared> open, List<ParameterDeclared> parameters,
            TypeText result, List<Step> body, List<TypeDeclared> inner, SyntaxNode at) {
        parts.operations()
                .add(new OperationDeclared(name, Kind.OPERATION, ScriptTypes.PUBLIC.with(Mark.STATIC),
                        open, parameters, result, body, inner, at.span()));
    }

    private void variable(SyntaxNode declarator, DocComment doc) {
        SyntaxNode name = declarator.child("name");
        SyntaxNode value = declarator.child("value");
        if (name == null || imports.required(name, value)) {
            return;
        }
        if (!name.is("identifier")) {
            var list = new ArrayList<Step>();
            bodies.statement(declarator, list);
            steps.addAll(list);
        } else if (value != null && ScriptValues.isFunction(value)) {
            function(name.text(), value, declarator, doc);
        } else if (value != null && value.is("class")) {
            types.add(ScriptTypes.type(value, name.text(), doc));
        } else {
            TypeDeclared made = ScriptFactories.made(value, name.text());
            if (made != null) {
                types.add(made);
                return;
            }
            TypeText written = ScriptTypeTexts.type(declarator.child("type"));
            field(name.text(), value, written == null ? doc.held() : written, declarator);
        }
    }

    private void expression(SyntaxNode statement) {
        SyntaxNode node = statement.children().isEmpty() ? null : statement.children().getFirst();
        if (node != null && node.is("internal_module")) {
            statement(node, DocComment.NONE);
            return;
        }
        if (node == null || prototypes.takes(node)) {
            return;
        }
        if (node.is("assignment_expression")) {
            String target = node.child("left").text();
            SyntaxNode value = node.child("right");
            TypeDeclared made = ScriptFactories.made(value, target);
            if (made != null) {
                types.add(made);
                return;
            }
            if (target.startsWith("exports") || target.startsWith("module.exports")) {
                gives(value);
            }
            if (target.equals("module.exports")) {
                exportedValue(value, DocComment.NONE);
                if (!value.is("object")) {
                    return;
                }
            } else if (target.startsWith("exports.") || target.startsWith("module.exports.")) {
                String name = target.substring(target.lastIndexOf('.') + 1);
                if (ScriptValues.isFunction(value)) {
                    function(name, value, node, DocComment.NONE);
                } else if (value.is("identifier")) {
                    imports.gives(name, value.text());
                } else if (value.is("class")) {
                    types.add(ScriptTypes.type(value, name, DocComment.NONE));
                } else {
                    field(name, value, null, node);
                }
                return;
            }
        }
        bodies.statement(statement, steps);
    }
}
