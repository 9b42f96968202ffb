package aldera;

public record Steel(int diameter) implements Line {
    @Override
    public int holds() {
        return diameter * 9;
    }
}
