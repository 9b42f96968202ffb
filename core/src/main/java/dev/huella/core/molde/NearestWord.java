package dev.huella.core.molde;

import java.util.Collection;

/** Finds the word that was probably meant. */
final class NearestWord {
    private NearestWord() {}

    /** The candidate that takes the fewest changes; null when all take more than a third of the word and one more. */
    static String to(String word, Collection<String> candidates) {
        String best = null;
        int fewest = word.length() / 3 + 2;
        for (String candidate : candidates) {
            int changes = changes(word, candidate);
            if (changes < fewest) {
                best = candidate;
                fewest = changes;
            }
        }
        return best;
    }

    /** Letters to insert, delete or replace. */
    static int changes(String one, String other) {
        int[] previous = new int[other.length() + 1];
        for (int j = 0; j <= other.length(); j++) {
            previous[j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            int[] row = new int[other.length() + 1];
            row[0] = i;
            for (int j = 1; j <= other.length(); j++) {
                int swap = previous[j - 1] + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
                row[j] = Math.min(swap, Math.min(previous[j], row[j - 1]) + 1);
            }
            previous = row;
        }
        return previous[other.length()];
    }
}
