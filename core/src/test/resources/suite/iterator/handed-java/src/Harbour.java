package aldera;

public class Harbour {
    public double tons(Fleet fleet) {
        double sum = 0;
        for (Ship ship : fleet) {
            sum += ship.tons();
        }
        return sum;
    }
}
