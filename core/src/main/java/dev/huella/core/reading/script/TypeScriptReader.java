package dev.huella.core.reading.script;

import com.google.auto.service.AutoService;
import dev.huella.core.reading.LanguageReader;
import java.util.Set;

/** Reads TypeScript. */
@AutoService(LanguageReader.class)
public final class TypeScriptReader extends ScriptReader {

    public TypeScriptReader() {
        super("tree-sitter-typescript", "tree_sitter_typescript");
    }

    @Override
    public String language() {
        return "typescript";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("ts", "mts", "cts");
    }
}
