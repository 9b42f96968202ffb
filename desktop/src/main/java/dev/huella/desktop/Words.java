package dev.huella.desktop;

/** Ids put into words. */
final class Words {
    private Words() {}

    /** {@code factory-method} becomes "Factory method". */
    static String pattern(String id) {
        String words = id.replace('-', ' ');
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** "an observer", "a strategy". */
    static String withArticle(String id) {
        String words = id.replace('-', ' ');
        return ("aeiou".indexOf(words.charAt(0)) >= 0 ? "an " : "a ") + words;
    }

    /** A stretch of text as a sentence. */
    static String sentence(String text) {
        return text.isEmpty()
                ? ""
                : Character.toUpperCase(text.charAt(0)) + text.substring(1) + (text.endsWith(".") ? "" : ".");
    }

    /** "1 type", "2 types". */
    static String count(int number, String thing) {
        return "%,d %s%s".formatted(number, thing, number == 1 ? "" : "s");
    }

    /** What people call a language. */
    static String language(String id) {
        return switch (id) {
            case "cpp" -> "C++";
            case "csharp" -> "C#";
            case "javascript" -> "JavaScript";
            case "typescript" -> "TypeScript";
            case "php" -> "PHP";
            default -> Character.toUpperCase(id.charAt(0)) + id.substring(1);
        };
    }
}
