namespace Aldera.Fees;
public interface IFee { int Cents(int tonnes); }
public class FlatFee : IFee { public int Cents(int tonnes) => 4000; }
public class TonneFee : IFee { public int Cents(int tonnes) => tonnes * 30; }
public class Invoice
{
    private IFee? fee;
    public IFee? Fee { set => fee = value; }
    public int Total(int tonnes)
    {
        if (fee == null) return 0;
        return fee.Cents(tonnes) + 100;
    }
}
public class Clerk
{
    public int Day()
    {
        var invoice = new Invoice { Fee = new FlatFee() };
        var total = invoice.Total(30);
        invoice.Fee = new TonneFee();
        return total + invoice.Total(900);
    }
}
