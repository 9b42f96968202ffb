package lock;

public interface LockJob {
    void run();
}
