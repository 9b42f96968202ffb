package dev.huella.core.reading.script;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.SyntaxTree;
import dev.huella.core.reading.TreeReader;
import java.util.Set;

/** Reads one module; its top level is in {@link ScriptModule}. */
abstract class ScriptReader extends TreeReader {

    ScriptReader(String library, String function) {
        super(library, function, Set.of("string", "comment", "regex", "predefined_type"));
    }

    @Override
    protected byte[] masked(byte[] utf8) {
        return ScriptMasks.mask(utf8);
    }

    @Override
    protected Tint.Kind tint(SyntaxNode node) {
        return node.is("string") || node.is("template_string") && node.children().isEmpty() || node.is("regex")
                ? Tint.Kind.TEXT
                : usualTint(node);
    }

    @Override
    protected FileFacts facts(SyntaxTree tree) {
        var module = new ScriptModule(stem(tree.path()));
        module.read(tree.root());
        if (!module.steps().isEmpty()) {
            module.parts()
                    .operations()
                    .add(new OperationDeclared("<main>", Kind.INITIALISER, ScriptTypes.PUBLIC.with(Mark.STATIC),
                            java.util.List.of(), java.util.List.of(), null, module.steps(), module.bodies().inner(),
                            tree.root().span()));
        }
        if (!module.parts().isEmpty()) {
            module.types().addFirst(module.parts().at(tree.root()));
        }
        return facts(tree, folders(tree.path()), module.imports(), module.aliases(), module.types());
    }
}
