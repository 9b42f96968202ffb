package aldera.fee;

public class Office {
    public void month(Invoice invoice) {
        invoice.setFee(new FlatFee());
        invoice.total(20);
        invoice.setFee(new TonFee());
        invoice.total(30);
    }
}
