package dev.huella.core.reading.java;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.Masks;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import dev.huella.core.reading.TreeReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads Java up to version 25: the file's frame here, declarations in {@link JavaTypes}, bodies in {@link JavaBodies}. */
@AutoService(LanguageReader.class)
public final class JavaReader extends TreeReader {
    private static final Set<String> WORDS = Set.of("this", "super", "true", "false", "null_literal", "void_type",
            "boolean_type", "integral_type", "floating_point_type", "import_declaration");

    public JavaReader() {
        super("tree-sitter-java", "tree_sitter_java",
                Set.of("import_declaration", "string_literal", "character_literal", "annotation_argument_list",
                        "module_body", "scoped_identifier"));
    }

    @Override
    public String language() {
        return "java";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("java", "class");
    }

    @Override
    protected byte[] masked(byte[] utf8) {
        return JavaMasks.mask(utf8);
    }

    @Override
    protected byte[] withoutComments(byte[] utf8) {
        return Masks.of(utf8).blankComments().bytes();
    }

    @Override
    protected byte[] maskedAgain(byte[] utf8) {
        return JavaMasks.maskTakenApart(JavaMasks.maskLateConstruction(utf8));
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        var types = new JavaTypes();
        List<ImportSeen> imports = new ArrayList<>();
        List<TypeDeclared> declared = new ArrayList<>();
        List<SyntaxNode> loose = new ArrayList<>();
        String namespace = "";
        for (SyntaxNode node : types.membersOf(tree.root())) {
            switch (node.kind()) {
                case "package_declaration" -> namespace = packageName(node);
                case "import_declaration" -> imports.add(imported(node.text()));
                case "method_declaration", "field_declaration", "local_variable_declaration" -> loose.add(node);
                default -> {
                    if (JavaTypes.isType(node)) {
                        declared.add(types.declared(node, null));
                    }
                }
            }
        }
        if (loose.stream().anyMatch(node -> node.is("method_declaration")) && declared.isEmpty()) {
            declared.add(types.looseMembers(stem(tree.path()), tree.root(), loose));
        }
        return facts(tree, namespace, imports, declared);
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        String kind = node.kind();
        if (WORDS.contains(kind)) {
            return Tint.Kind.WORD;
        }
        Tint.Kind usual = usualTint(node);
        return usual == null && kind.endsWith("_literal") ? Tint.Kind.NUMBER : usual;
    }

    private static String packageName(SyntaxNode node) {
        return node.children()
                .stream()
                .filter(child -> child.is("scoped_identifier") || child.is("identifier"))
                .map(child -> child.text().replaceAll("\\s", ""))
                .findFirst()
                .orElse("");
    }

    static ImportSeen imported(String text) {
        String rest = text.substring("import".length()).replace(";", "").strip();
        boolean members = rest.startsWith("static ") || rest.startsWith("static\t");
        if (members) {
            rest = rest.substring("static".length());
        }
        rest = rest.replaceAll("/\\*.*?\\*/|\\s", "");
        boolean all = rest.endsWith(".*");
        return new ImportSeen(all ? rest.substring(0, rest.length() - 2) : rest, members, all);
    }
}
