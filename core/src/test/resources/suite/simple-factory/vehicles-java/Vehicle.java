package depot;

public interface Vehicle {
    int seats();

    String plate();
}
