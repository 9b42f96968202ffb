package garden;

public interface Bench {
    int seats();
}
