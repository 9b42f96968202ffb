package dev.huella.core.reading.swift;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.AliasSeen;
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

/** Reads Swift: the file here, types in {@link SwiftTypes}, bodies in {@link SwiftBodies}. */
@AutoService(LanguageReader.class)
public final class SwiftReader extends TreeReader {

    public SwiftReader() {
        super("tree-sitter-swift", "tree_sitter_swift", Set.of("comment", "multiline_comment", "line_str_text"));
    }

    @Override
    public String language() {
        return "swift";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("swift");
    }

    @Override
    protected byte[] masked(byte[] utf8) {
        return SwiftMasks.mask(utf8);
    }

    @Override
    protected byte[] withoutComments(byte[] utf8) {
        return Masks.of(utf8).blankComments().bytes();
    }

    @Override
    protected byte[] maskedAgain(byte[] utf8) {
        return SwiftMasks.maskMore(utf8);
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return node.is("line_str_text") || node.is("multi_line_str_text") ? Tint.Kind.TEXT : usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        List<AliasSeen> aliases = new ArrayList<>();
        List<TypeDeclared> types = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        var module = new TypeParts(TypeKind.MODULE, stem(tree.path())).modifiers(SwiftTypes.PUBLIC);
        var members = new SwiftMembers(module, aliases, true);
        var bodies = new SwiftBodies("");
        for (SyntaxNode node : SwiftTypes.flat(tree.root())) {
            switch (node.kind()) {
                case "class_declaration", "protocol_declaration" -> types.add(SwiftTypes.declared(node, aliases));
                case "function_declaration", "property_declaration" -> members.member(node);
                case "typealias_declaration" -> {
                    TypeDeclared named = SwiftTypes.alias(node, aliases);
                    if (named != null) {
                        types.add(named);
                    }
                }
                case "import_declaration" -> {
                    // modules outside the sources bring names that are known by name only
                }
                default -> bodies.statement(node, steps);
            }
        }
        if (!steps.isEmpty()) {
            module.operations()
                    .add(new OperationDeclared("<main>", Kind.INITIALISER,
                            SwiftTypes.PUBLIC.with(Mark.STATIC), List.of(), List.of(), null, steps, bodies.inner(),
                            tree.root().span()));
        }
        if (!module.isEmpty()) {
            types.addFirst(module.at(tree.root()));
        }
        return facts(tree, "", List.of(), aliases, types);
    }
}
