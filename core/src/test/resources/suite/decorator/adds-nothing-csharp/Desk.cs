namespace Aldera.Quotes;

public static class Desk
{
    public static void Main()
    {
        IQuote quote = new PlainQuote(new NightQuote(new BaseQuote()));
        System.Console.WriteLine(quote.Text + " " + quote.For("North", 8));
    }
}
