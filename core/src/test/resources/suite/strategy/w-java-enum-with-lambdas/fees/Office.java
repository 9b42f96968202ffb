package fees;

public class Office {
    public int bill(int tons, boolean member) {
        Invoice invoice = new Invoice(member ? Fee.FLAT : Fee.STEPPED);
        invoice.add(tons);
        return invoice.total();
    }
}
