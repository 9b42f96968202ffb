package dev.huella.core.reading.php;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.reading.DocComment;
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

/** Reads PHP: the file here, types in {@link PhpTypes}, bodies in {@link PhpBodies}. */
@AutoService(LanguageReader.class)
public final class PhpReader extends TreeReader {

    /** Who may set what is promoted; the grammar knows it only before properties. */
    private static final Pattern WHO_SETS = Pattern.compile("\\b(?:public|protected|private)\\(set\\)");
    /** What a copy has otherwise than the object it is of. */
    private static final Pattern CHANGES = Pattern.compile("\\bclone\\s{0,9}\\(\\s{0,99}\\$\\w+(?:->\\w+){0,9}\\s{0,99}"
            + "(,\\s{0,99}(?:\\[(?:[^\\[\\]]++|\\[[^\\[\\]]{0,999}\\]){0,99}+\\]|\\$\\w+)\\s{0,99})\\)");

    public PhpReader() {
        super("tree-sitter-php", "tree_sitter_php", Set.of("comment", "string", "text"));
    }

    @Override
    public String language() {
        return "php";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("php", "inc", "phtml");
    }

    @Override
    protected byte[] maskedAgain(byte[] utf8) {
        return Masks.of(utf8).blank(WHO_SETS, 0).blank(CHANGES, 1).bytes();
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return node.is("string") || node.is("string_content")
                ? Tint.Kind.TEXT
                : node.is("primitive_type") || node.is("boolean") ? Tint.Kind.WORD : usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        var file = new File(stem(tree.path()));
        file.read(tree.root());
        List<Step> all = file.bodies.names().leave(file.steps);
        if (!all.isEmpty()) {
            file.module.operations()
                    .add(new OperationDeclared("<main>", Kind.INITIALISER,
                            PhpTypes.PUBLIC.with(Mark.STATIC), List.of(), List.of(), null, all, file.bodies.inner(),
                            tree.root().span()));
        }
        if (!file.module.isEmpty()) {
            file.types.addFirst(file.module.namespace(file.first).at(tree.root()));
        }
        return facts(tree, file.first, file.imports, file.types);
    }

    /** What has been seen of one file. */
    private static final class File {
        private final List<ImportSeen> imports = new ArrayList<>();
        private final List<TypeDeclared> types = new ArrayList<>();
        private final List<Step> steps = new ArrayList<>();
        private final TypeParts module;
        private final PhpBodies bodies;
        private String first = "";
        private String namespace = "";

        File(String stem) {
            module = new TypeParts(TypeKind.MODULE, stem).modifiers(PhpTypes.PUBLIC);
            bodies = new PhpBodies(null, "", true, false);
            bodies.names().enter(List.of());
        }

        private void read(SyntaxNode root) {
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
                case "namespace_definition" -> {
                    SyntaxNode name = node.child("name");
                    namespace = name == null ? "" : PhpTypes.dotted(name.text());
                    first = first.isEmpty() ? namespace : first;
                    if (node.child("body") != null) {
                        read(node.child("body"));
                    }
                }
                case "namespace_use_declaration" -> uses(node);
                case "class_declaration", "interface_declaration", "trait_declaration", "enum_declaration" ->
                    types.add(new PhpTypes(namespace).type(node, doc));
                case "function_definition" -> new PhpTypes(namespace).operation(node, doc, module, true);
                case "if_statement", "compound_statement" -> {
                    declaredInside(node);
                    bodies.statement(node, steps);
                }
                case "php_tag", "text", "text_interpolation", "declare_statement" -> {
                    // no code
                }
                default -> bodies.statement(node, steps);
            }
        }

        /** Types and functions under a test for their being there already. */
        private void declaredInside(SyntaxNode node) {
            for (SyntaxNode child : node.children()) {
                switch (child.kind()) {
                    case "class_declaration", "interface_declaration", "trait_declaration", "function_definition" ->
                        statement(child, DocComment.NONE);
                    case "compound_statement", "else_clause" -> declaredInside(child);
                    default -> {
                        // read as steps
                    }
                }
            }
        }

        private void uses(SyntaxNode node) {
            String prefix = "";
            for (SyntaxNode child : node.children()) {
                switch (child.kind()) {
                    case "namespace_name" -> prefix = PhpTypes.dotted(child.text()) + ".";
                    case "namespace_use_group" -> {
                        for (SyntaxNode one : child.children()) {
                            use(one, prefix);
                        }
                    }
                    case "namespace_use_clause" -> use(child, "");
                    default -> {
                        // the word for functions or constants
                    }
                }
            }
        }

        private void use(SyntaxNode clause, String prefix) {
            SyntaxNode alias = clause.child("alias");
            SyntaxNode name = clause.children().isEmpty() ? null : clause.children().getFirst();
            if (name != null && clause.child("type") == null) {
                imports.add(new ImportSeen(prefix + PhpTypes.dotted(name.text()), false, false,
                        alias == null ? null : alias.text(), null));
            }
        }
    }
}
