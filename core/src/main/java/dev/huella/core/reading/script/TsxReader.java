package dev.huella.core.reading.script;

import com.google.auto.service.AutoService;
import dev.huella.core.reading.LanguageReader;
import java.util.Set;

/** Reads TypeScript with elements of markup in it, which has a grammar of its own. */
@AutoService(LanguageReader.class)
public final class TsxReader extends ScriptReader {

    public TsxReader() {
        super("tree-sitter-tsx", "tree_sitter_tsx");
    }

    @Override
    public String language() {
        return "typescript";
    }

    @Override
    public Set<String> extensions() {
        return Set.of("tsx");
    }
}
