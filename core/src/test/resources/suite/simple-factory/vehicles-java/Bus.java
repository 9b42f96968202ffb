package depot;

record Bus(String plate) implements Vehicle {
    @Override
    public int seats() {
        return 52;
    }
}
