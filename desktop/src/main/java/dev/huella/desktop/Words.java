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
}
