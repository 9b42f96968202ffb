package aldera;

public record Hemp(int diameter) implements Line {
    @Override
    public int holds() {
        return diameter * 3;
    }
}
