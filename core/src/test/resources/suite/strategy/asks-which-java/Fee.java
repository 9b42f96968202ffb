package aldera.fee;

public interface Fee {
    double of(double tons);
}
