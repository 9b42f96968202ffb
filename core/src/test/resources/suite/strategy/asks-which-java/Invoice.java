package aldera.fee;

public class Invoice {
    private Fee fee;

    public void setFee(Fee fee) {
        this.fee = fee;
    }

    public String total(double tons) {
        String note = fee instanceof FlatFee ? " flat" : "";
        return fee.of(tons) + note;
    }
}
