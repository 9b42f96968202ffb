package garden;

class OakBench implements Bench {
    public int seats() {
        return 2;
    }
}
