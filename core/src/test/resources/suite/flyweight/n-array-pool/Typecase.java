package print;

public final class Typecase {
    private final Letter[] letters = new Letter[128];

    public Letter letter(char face) {
        Letter letter = letters[face];
        if (letter == null) {
            letter = new Letter(face, face == 'i' ? 2 : 5);
            letters[face] = letter;
        }
        return letter;
    }
}
