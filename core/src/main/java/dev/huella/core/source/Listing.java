package dev.huella.core.source;

import java.util.List;

/** Everything one folder, file or archive holds, before anything is chosen from it. */
record Listing(List<SourceFile> files, List<SourceSet.LeftOut> leftOut, List<Problem> problems) {}
