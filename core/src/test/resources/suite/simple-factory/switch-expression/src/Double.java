package aldera;

public record Double(Line line) implements Line {
    @Override
    public int holds() {
        return line.holds() * 2;
    }
}
