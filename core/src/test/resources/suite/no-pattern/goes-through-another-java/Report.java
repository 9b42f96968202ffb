public class Report {
    public double load(Harbour harbour) {
        double sum = 0;
        for (Vessel vessel : harbour) sum += vessel.load();
        return sum;
    }
}
