package aldera;

public class Station {
    public static void main(String[] args) {
        Barometer barometer = new Barometer();
        barometer.addPropertyChangeListener(new StormCone());
        barometer.setMillibar(980);
    }
}
