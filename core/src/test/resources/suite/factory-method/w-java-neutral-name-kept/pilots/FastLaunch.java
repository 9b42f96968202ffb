package pilots;

class FastLaunch implements Launch {
    private int trips;

    @Override
    public String reach(String ship) {
        trips++;
        return ship + " after " + trips;
    }
}
