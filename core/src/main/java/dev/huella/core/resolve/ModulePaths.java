package dev.huella.core.resolve;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Which files an import may mean, in languages whose imports name files. */
final class ModulePaths {
    private static final Pattern ENDING = Pattern.compile("\\.(js|ts|mjs|cjs|jsx|tsx|mts|cts)$");

    private ModulePaths() {}

    /** The path without its ending, and without the name that stands for a whole folder. */
    static String key(String path) {
        int dot = path.lastIndexOf('.');
        String bare = dot > path.lastIndexOf('/') ? path.substring(0, dot) : path;
        bare = bare.endsWith(".d") ? bare.substring(0, bare.length() - 2) : bare;
        return bare.replaceFirst("(^|/)(__init__|index)$", "");
    }

    /** Keys to try, best first. */
    static List<String> candidates(String named, String from, String language) {
        return language.equals("python") ? python(named, from) : script(named, from);
    }

    private static List<String> python(String named, String from) {
        int dots = 0;
        while (dots < named.length() && named.charAt(dots) == '.') {
            dots++;
        }
        String rest = named.substring(dots).replace('.', '/');
        String folder = folder(from);
        if (dots > 0) {
            for (int i = 1; i < dots; i++) {
                folder = folder(folder);
            }
            return List.of(join(folder, rest));
        }
        return upwards(folder, rest);
    }

    private static List<String> script(String named, String from) {
        String bare = ENDING.matcher(named).replaceFirst("");
        if (!bare.startsWith(".")) {
            return upwards(folder(from), bare.replaceFirst("^[@~]/", ""));
        }
        String folder = folder(from);
        for (String part : bare.split("/")) {
            if (part.equals("..")) {
                folder = folder(folder);
            } else if (!part.equals(".") && !part.isEmpty()) {
                folder = join(folder, part);
            }
        }
        return List.of(folder.replaceFirst("(^|/)index$", ""));
    }

    /** Roots of packages are not known, so every folder above may be one; the nearest wins. */
    private static List<String> upwards(String folder, String rest) {
        List<String> all = new ArrayList<>();
        String at = folder;
        while (!at.isEmpty()) {
            all.add(join(at, rest));
            at = folder(at);
        }
        all.add(rest);
        all.add(join("src", rest));
        all.add(join("lib", rest));
        return all;
    }

    private static String folder(String path) {
        int slash = path.lastIndexOf('/');
        return slash < 0 ? "" : path.substring(0, slash);
    }

    private static String join(String folder, String rest) {
        return folder.isEmpty() ? rest : rest.isEmpty() ? folder : folder + "/" + rest;
    }
}
