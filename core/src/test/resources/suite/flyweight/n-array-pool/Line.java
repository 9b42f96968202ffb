package print;

public class Line {
    private final Typecase typecase;
    private final StringBuilder set = new StringBuilder();
    private int x;

    public Line(Typecase typecase) {
        this.typecase = typecase;
    }

    public void add(char face) {
        Letter letter = typecase.letter(face);
        set.append(letter.at(x, 0));
        x += letter.width();
    }
}
