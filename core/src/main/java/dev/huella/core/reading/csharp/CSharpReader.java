package dev.huella.core.reading.csharp;

import com.google.auto.service.AutoService;
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
import dev.huella.core.reading.Directives;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.Masks;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import dev.huella.core.reading.TreeReader;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads C#: namespaces and usings here, types in {@link CSharpTypes}, bodies in {@link CSharpBodies}. */
@AutoService(LanguageReader.class)
public final class CSharpReader extends TreeReader {

    public CSharpReader() {
        super("tree-sitter-c-sharp", "tree_sitter_c_sharp",
                Set.of("comment", "string_literal", "verbatim_string_literal", "raw_string_literal", "attribute_list"));
    }

    @Override
    public String language() {
        return "csharp";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("cs");
    }

    @Override
    protected byte[] masked(byte[] utf8) {
        return CSharpMasks.mask(utf8);
    }

    @Override
    protected byte[] withoutComments(byte[] utf8) {
        return Masks.of(utf8).blankComments().bytes();
    }

    @Override
    protected byte[] maskedAgain(byte[] utf8) {
        return Directives.firstBranches(utf8);
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return node.is("predefined_type") || node.is("modifier") || node.is("null_literal") || node.is("implicit_type")
                ? Tint.Kind.WORD
                : usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        var file = new File();
        file.read(tree.root(), "");
        if (!file.steps.isEmpty()) {
            var program = new TypeParts(TypeKind.MODULE, "Program").modifiers(CSharpTypes.PUBLIC);
            program.operations()
                    .add(new OperationDeclared("<main>", Kind.INITIALISER,
                            CSharpTypes.PUBLIC.with(Mark.STATIC), List.of(), List.of(), null, file.steps,
                            file.bodies.inner(),
                            tree.root().span()));
            file.types.addFirst(program.namespace(file.first).at(tree.root()));
        }
        return facts(tree, file.first, file.imports, file.aliases, file.types);
    }

    /** What has been seen of one file. */
    private static final class File {
        private final List<ImportSeen> imports = new ArrayList<>();
        private final List<AliasSeen> aliases = new ArrayList<>();
        private final List<TypeDeclared> types = new ArrayList<>();
        private final List<Step> steps = new ArrayList<>();
        private final CSharpBodies bodies = new CSharpBodies("Program");
        private String first = "";

        private void read(SyntaxNode root, String around) {
            String namespace = around;
            for (SyntaxNode node : root.children()) {
                switch (node.kind()) {
                    case "using_directive" -> using(node);
                    case "file_scoped_namespace_declaration" -> {
                        namespace = inside(namespace, node);
                        read(node, namespace);
                    }
                    case "namespace_declaration" -> read(node.child("body"), inside(namespace, node));
                    case "declaration_list", "ERROR", "preproc_if", "preproc_region" -> read(node, namespace);
                    case "global_statement" -> node.children().forEach(child -> bodies.statement(child, steps));
                    default -> {
                        if (CSharpTypes.isType(node)) {
                            types.add(CSharpTypes.declared(node, null).namespace(namespace).at(node));
                        }
                    }
                }
            }
        }

        private String inside(String around, SyntaxNode node) {
            String name = node.child("name").text().replaceAll("\\s", "");
            String whole = around.isEmpty() ? name : around + "." + name;
            first = first.isEmpty() ? whole : first;
            return whole;
        }

        private void using(SyntaxNode node) {
            SyntaxNode alias = node.child("name");
            List<SyntaxNode> parts = node.children();
            if (parts.isEmpty()) {
                return;
            }
            SyntaxNode name = parts.getLast();
            if (alias != null) {
                TypeText meant = CSharpTypes.type(name);
                if (meant != null) {
                    aliases.add(new AliasSeen(alias.text(), meant));
                }
                return;
            }
            boolean members = node.tokens().stream().anyMatch(token -> token.is("static"));
            imports.add(new ImportSeen(name.text().replaceAll("\\s", ""), members, true));
        }
    }
}
