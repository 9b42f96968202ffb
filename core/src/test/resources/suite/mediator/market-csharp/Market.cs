namespace Aldera;
public interface IMarket
{
    void Offer(int cents);
    void Accept();
}
public class Buyer
{
    private readonly IMarket market;
    private int spent;
    public Buyer(IMarket market) { this.market = market; }
    public void Hear(int cents) { spent += cents; market.Accept(); }
}
public class Seller
{
    private readonly IMarket market;
    private int sold;
    public Seller(IMarket market) { this.market = market; }
    public void Cry(int cents) => market.Offer(cents);
    public void Hand() { sold++; }
}
public class FishMarket : IMarket
{
    private Buyer? buyer;
    private Seller? seller;
    public void Open(Buyer b, Seller s) { buyer = b; seller = s; }
    public void Offer(int cents) => buyer?.Hear(cents);
    public void Accept() => seller?.Hand();
}
