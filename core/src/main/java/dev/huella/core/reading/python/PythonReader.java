package dev.huella.core.reading.python;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.Masks;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import dev.huella.core.reading.TreeReader;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Reads Python: the module here, classes in {@link PythonTypes}, bodies in {@link PythonBodies}. */
@AutoService(LanguageReader.class)
public final class PythonReader extends TreeReader {
    /** What a type parameter is when nothing is said; the grammar knows none. */
    private static final Pattern USUALLY = Pattern.compile(
            "\\b(?:class|def|type)\\s+\\w+\\[[^\\]=\\n]{1,200}?(\\s*=\\s*[^,\\]\\n]+)(?=[,\\]])");

    public PythonReader() {
        super("tree-sitter-python", "tree_sitter_python", Set.of("string_content", "comment"));
    }

    @Override
    public String language() {
        return "python";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("py", "pyi");
    }

    @Override
    protected byte[] masked(byte[] utf8) {
        return Masks.of(utf8).blank(USUALLY, 1).bytes();
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        String name = stem(tree.path());
        String folders = folders(tree.path());
        boolean whole = name.equals("__init__");
        String namespace = whole ? folders : folders.isEmpty() ? name : folders + "." + name;
        String own = namespace.substring(namespace.lastIndexOf('.') + 1);
        var types = new PythonTypes();
        var module = new TypeParts(TypeKind.MODULE, own.isEmpty() ? name : own).modifiers(PythonTypes.PUBLIC)
                .namespace(namespace.contains(".") ? namespace.substring(0, namespace.lastIndexOf('.')) : "");
        var top = new Top(types, module, new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>(),
                new PythonBodies(types, null, false));
        List<Step> steps = top.read(tree.root());
        if (steps.stream().anyMatch(step -> !PythonTypes.isDocumentation(step))) {
            module.operations()
                    .add(new OperationDeclared("<main>", Kind.INITIALISER,
                            PythonTypes.PUBLIC.with(Mark.STATIC), List.of(), List.of(), null, steps, top.bodies.inner(),
                            tree.root().span()));
        }
        if (!module.isEmpty()) {
            top.declared.addFirst(module.at(tree.root()));
        }
        return facts(tree, namespace, top.imports, top.aliases, top.declared);
    }

    /** Decorators that only change what a class can do. */
    private static final Set<String> OF_LIBRARIES = Set.of("dataclass", "dataclasses.dataclass", "attr.s", "attr.attrs",
            "attrs.define", "attrs.frozen", "define", "frozen", "pytest.mark.parametrize", "unittest.skip");

    /** What the top of a file brings. */
    private record Top(PythonTypes types, TypeParts module, List<ImportSeen> imports, List<AliasSeen> aliases,
            List<TypeDeclared> declared, List<Step> steps, PythonBodies bodies) {

        /** All that is done, after the names that are first given values inside of it became variables of the module. */
        List<Step> read(SyntaxNode root) {
            bodies.names().enter(List.of());
            root.children().forEach(this::one);
            for (Step step : bodies.names().leave(List.of())) {
                if (step instanceof Step.Declare(String name, TypeText _, Value _, SourceSpan at)
                        && !module.hasField(name) && !isDeclared(name)) {
                    module.fields()
                            .add(new FieldDeclared(name, null, PythonTypes.visibility(name).with(Mark.STATIC),
                                    FieldDeclared.Kind.FIELD, null, List.of(), at));
                }
            }
            return steps;
        }

        /** True for names that a class, a function or an import may have as well. */
        private boolean isDeclared(String name) {
            return declared.stream().anyMatch(type -> type.name().equals(name))
                    || module.operations().stream().anyMatch(operation -> operation.name().equals(name))
                    || aliases.stream().anyMatch(alias -> alias.name().equals(name))
                    || imports.stream().anyMatch(seen -> name.equals(seen.alias()) || seen.name().endsWith("." + name));
        }

        private void one(SyntaxNode node) {
            switch (node.kind()) {
                case "import_statement" -> PythonImports.modules(node, imports);
                case "import_from_statement" -> PythonImports.names(node, imports);
                case "class_definition", "function_definition" -> types.definition(node, module, declared);
                case "decorated_definition" -> {
                    types.definition(node, module, declared);
                    decorated(node);
                }
                case "if_statement", "try_statement" -> {
                    guarded(node, types, module, imports, declared);
                    if (isProgram(node)) {
                        bodies.names().enter(module.fields().stream().map(FieldDeclared::name).toList());
                        steps.addAll(bodies.names().leave(bodies.stepsOf(node)));
                    } else {
                        steps.addAll(bodies.stepsOf(node));
                    }
                }
                case "type_alias_statement" -> isAlias(node);
                case "expression_statement" -> {
                    SyntaxNode first = node.children().isEmpty() ? null : node.children().getFirst();
                    if (first == null
                            || !isAlias(first) && (!first.is("assignment") || !variable(first, module, bodies))) {
                        steps.addAll(bodies.stepsOf(node));
                    }
                }
                default -> steps.addAll(bodies.stepsOf(node));
            }
        }

        /** What a file does only where it is the program that was started; its variables are nobody else's. */
        private static boolean isProgram(SyntaxNode node) {
            SyntaxNode asked = node.child("condition");
            return asked != null && asked.is("comparison_operator")
                    && asked.children().stream().anyMatch(part -> part.text().equals("__name__"));
        }

        /** {@code @enter("key") class Name} hands the class to what {@code enter("key")} gives. */
        private void decorated(SyntaxNode node) {
            SyntaxNode definition = node.child("definition");
            for (SyntaxNode child : definition.is("class_definition") ? node.children() : List.<SyntaxNode>of()) {
                SyntaxNode call = child.is("decorator") && !child.children().isEmpty()
                        ? child.children().getFirst()
                        : null;
                if (call != null && call.is("call") && !OF_LIBRARIES.contains(call.child("function").text())) {
                    SourceSpan at = call.span();
                    Value own = new Value.Name(definition.child("name").text(), at);
                    steps.add(new Step.Do(new Value.Call(bodies.value(call), Value.APPLY, List.of(own), at), at));
                }
            }
        }

        /** Takes a new name for a type. */
        private boolean isAlias(SyntaxNode node) {
            TypeDeclared row = PythonRows.named(node);
            TypeDeclared type = row == null ? PythonAliases.declared(node) : row;
            AliasSeen alias = type == null ? PythonAliases.seen(node) : null;
            if (type != null) {
                declared.add(type);
            } else if (alias != null) {
                aliases.add(alias);
            }
            return type != null || alias != null;
        }
    }

    /** Imports and classes under a test of the version or around a failing import count as well. */
    private static void guarded(SyntaxNode node, PythonTypes types, TypeParts module, List<ImportSeen> imports,
            List<TypeDeclared> declared) {
        for (SyntaxNode child : node.children()) {
            switch (child.kind()) {
                case "import_statement" -> PythonImports.modules(child, imports);
                case "import_from_statement" -> PythonImports.names(child, imports);
                case "class_definition", "function_definition", "decorated_definition" ->
                    types.definition(child, module, declared);
                case "block", "else_clause", "elif_clause", "except_clause", "finally_clause" ->
                    guarded(child, types, module, imports, declared);
                default -> {
                    // conditions and other statements are read as steps
                }
            }
        }
    }

    /** Names given values at the top of a file are variables of the module. */
    private static boolean variable(SyntaxNode assignment, TypeParts module, PythonBodies bodies) {
        SyntaxNode left = assignment.child("left");
        SyntaxNode right = assignment.child("right");
        if (left == null) {
            return false;
        }
        boolean several = left.is("pattern_list") && right != null && right.is("expression_list")
                && right.children().size() == left.children().size();
        List<SyntaxNode> names = several ? left.children() : List.of(left);
        if (!names.stream().allMatch(name -> isNew(name, module))) {
            return false;
        }
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i).text();
            SyntaxNode value = several ? right.children().get(i) : right;
            var own = new PythonBodies(bodies.types(), null, false);
            Value initial = value == null ? null : own.heldBy(name, value);
            module.fields()
                    .add(new FieldDeclared(name, PythonTypes.annotation(assignment.child("type")),
                            PythonTypes.visibility(name).with(Mark.STATIC), FieldDeclared.Kind.FIELD, initial,
                            own.inner(), assignment.span()));
        }
        return true;
    }

    private static boolean isNew(SyntaxNode name, TypeParts module) {
        return name.is("identifier") && !module.hasField(name.text()) && !name.text().equals("__all__");
    }
}
