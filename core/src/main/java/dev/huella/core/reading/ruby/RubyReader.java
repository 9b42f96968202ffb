package dev.huella.core.reading.ruby;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.Masks;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import dev.huella.core.reading.TreeReader;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Reads Ruby: the file here, classes and modules in {@link RubyTypes}, bodies in {@link RubyBodies}. */
@AutoService(LanguageReader.class)
public final class RubyReader extends TreeReader {
    private static final Pattern RAISING = Pattern
            .compile("(?m)^\\s*def\\s[^\\n=]*=( raise [^\\n(]*?\\S)[ \\t]*(?:# [^\\n]*)?$");

    public RubyReader() {
        super("tree-sitter-ruby", "tree_sitter_ruby", Set.of("comment", "string_content", "regex"));
    }

    @Override
    public String language() {
        return "ruby";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("rb", "rake");
    }

    /** An error raised without brackets by an operation without an end is put into brackets. */
    @Override
    protected byte[] maskedAgain(byte[] utf8) {
        return Masks.of(utf8)
                .rewrite(RAISING, 1, raised -> raised.strip().replaceFirst(" ", "(") + ")")
                .bytes();
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return node.is("string_content") || node.is("simple_symbol") ? Tint.Kind.TEXT : usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        List<TypeDeclared> types = new ArrayList<>();
        var module = new TypeParts(TypeKind.MODULE, stem(tree.path())).modifiers(RubyTypes.PUBLIC);
        var bodies = new RubyBodies(module.name(), "", true, false);
        bodies.names().enter(List.of());
        List<Step> steps = new ArrayList<>();
        for (SyntaxNode node : tree.root().children()) {
            switch (node.kind()) {
                case "class", "module" -> RubyTypes.declared(node, "", types);
                case "method" -> new RubyTypes(module).operation(node, true);
                case "assignment" -> {
                    TypeDeclared made = RubyMacros.typeOf(node, "");
                    if (made == null) {
                        bodies.statement(node, steps);
                    } else {
                        types.add(made);
                    }
                }
                default -> {
                    TypeDeclared reopened = RubyMacros.reopened(node);
                    if (reopened == null) {
                        bodies.statement(node, steps);
                    } else {
                        types.add(reopened);
                    }
                }
            }
        }
        List<Step> all = bodies.names().leave(steps);
        if (all.stream().anyMatch(step -> !RubyBodies.isRequire(step))) {
            module.operations()
                    .add(new OperationDeclared("<main>", Kind.INITIALISER,
                            RubyTypes.PUBLIC.with(Mark.STATIC), List.of(), List.of(), null, all, bodies.inner(),
                            tree.root().span()));
        }
        if (!module.isEmpty()) {
            types.addFirst(module.at(tree.root()));
        }
        return facts(tree, "", List.of(), types);
    }
}
