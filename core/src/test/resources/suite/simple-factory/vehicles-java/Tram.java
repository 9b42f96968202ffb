package depot;

record Tram(String plate, int cars) implements Vehicle {
    @Override
    public int seats() {
        return cars * 80;
    }
}
