package dev.huella.core.reading.kotlin;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.Masks;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import dev.huella.core.reading.TreeReader;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads Kotlin: the file here, types in {@link KotlinTypes}, bodies in {@link KotlinBodies}. */
@AutoService(LanguageReader.class)
public final class KotlinReader extends TreeReader {

    public KotlinReader() {
        super("tree-sitter-kotlin", "tree_sitter_kotlin", Set.of("line_comment", "multiline_comment"));
    }

    @Override
    public String language() {
        return "kotlin";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("kt", "kts");
    }

    /** The grammar calls a tree broken where only a line break before a brace is missing; only what it points at counts. */
    @Override
    protected List<Problem> problems(SyntaxTree tree) {
        return tree.errors().isEmpty() ? List.of() : super.problems(tree);
    }

    @Override
    protected byte[] masked(byte[] utf8) {
        return KotlinMasks.mask(utf8);
    }

    @Override
    protected byte[] withoutComments(byte[] utf8) {
        return Masks.of(utf8).blankComments().bytes();
    }

    @Override
    protected byte[] maskedAgain(byte[] utf8) {
        return KotlinMasks.maskMore(utf8);
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return node.is("string_content")
                ? Tint.Kind.TEXT
                : node.kind().endsWith("modifier") && node.children().isEmpty() ? Tint.Kind.WORD : usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        List<ImportSeen> imports = new ArrayList<>();
        List<AliasSeen> aliases = new ArrayList<>();
        List<TypeDeclared> types = new ArrayList<>();
        String namespace = "";
        var module = new TypeParts(TypeKind.MODULE, capital(stem(tree.path())) + "Kt").modifiers(KotlinTypes.PUBLIC);
        var members = new KotlinMembers(module, true);
        List<SyntaxNode> nodes = KotlinTypes.flat(tree.root());
        for (int i = 0; i < nodes.size(); i++) {
            SyntaxNode node = nodes.get(i);
            switch (node.kind()) {
                case "package_header" -> namespace = node.children().getLast().text().replaceAll("\\s", "");
                case "import_list" -> node.children().forEach(one -> imported(one, imports));
                case "import_header" -> imported(node, imports);
                case "type_alias" -> alias(node, aliases, types);
                case "function_declaration", "property_declaration" -> {
                    TypeText receiver = KotlinTypes.receiver(node);
                    if (receiver == null) {
                        members.member(node, nodes, i);
                    } else {
                        types.add(KotlinTypes.extension(receiver, node, nodes, i));
                    }
                }
                default -> {
                    if (KotlinTypes.isType(node)) {
                        types.add(KotlinTypes.declared(node, null));
                    }
                }
            }
        }
        if (!module.isEmpty()) {
            types.addFirst(module.at(tree.root()));
        }
        return facts(tree, namespace, imports, aliases, types);
    }

    private static String capital(String stem) {
        return stem.isEmpty() ? stem : Character.toUpperCase(stem.charAt(0)) + stem.substring(1);
    }

    private static void imported(SyntaxNode node, List<ImportSeen> into) {
        SyntaxNode name = node.first("identifier");
        if (name != null) {
            SyntaxNode alias = node.first("import_alias");
            boolean all = node.first("wildcard_import") != null;
            into.add(new ImportSeen(name.text().replaceAll("\\s", ""), false, all,
                    alias == null ? null : alias.children().getFirst().text(), null));
        }
    }

    private static void alias(SyntaxNode node, List<AliasSeen> aliases, List<TypeDeclared> types) {
        List<SyntaxNode> parts = node.children();
        TypeText meant = KotlinTypes.type(parts.getLast());
        String name = node.first("type_identifier").text();
        if (meant != null && meant.isFunction()) {
            types.add(KotlinTypes.named(name, meant, node));
        } else if (meant != null) {
            aliases.add(new AliasSeen(name, meant.leaving(KotlinTypes.typeParameters(node)
                    .stream()
                    .map(TypeParameterDeclared::name)
                    .toList())));
        }
    }
}
