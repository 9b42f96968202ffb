package canal;

interface BargeWatch {
    void moored(String barge);
}

class Ledger implements BargeWatch {
    private int count;

    @Override
    public void moored(String barge) {
        count++;
    }
}

class Lamp implements BargeWatch {
    private String shown = "";

    @Override
    public void moored(String barge) {
        shown = barge;
    }
}
