package canal;

public class Ledger implements BargeWatch {
    private int count;

    @Override
    public void moored(String barge) {
        count++;
    }
}
