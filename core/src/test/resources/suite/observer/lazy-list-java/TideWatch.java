package tide;

public interface TideWatch {
    void levelIs(double level);
}
