package canal;

public interface BargeWatch {
    void moored(String barge);

    void left(String barge);
}
