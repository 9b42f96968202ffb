package canal;

public interface BargeWatch {
    void moored(String barge);
}
