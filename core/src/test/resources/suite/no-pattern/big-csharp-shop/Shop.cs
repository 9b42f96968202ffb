using System;
using System.Collections.Generic;
using System.Linq;
namespace Aldera.Shop;
public record Line(string Sku, int Count, decimal Price);
public class Basket
{
    private readonly List<Line> lines = new();
    public IReadOnlyCollection<Line> Lines => lines.AsReadOnly();
    public void Add(string sku, int count, decimal price)
    {
        if (count <= 0) throw new ArgumentOutOfRangeException(nameof(count));
        lines.Add(new Line(sku, count, price));
    }
    public decimal Sum() => lines.Sum(l => l.Count * l.Price);
}
public interface IDiscount { decimal Apply(Basket basket, decimal sum); }
public class NoDiscount : IDiscount { public decimal Apply(Basket basket, decimal sum) => sum; }
public class PercentDiscount : IDiscount { private readonly decimal percent; public PercentDiscount(decimal percent) => this.percent = percent; public decimal Apply(Basket basket, decimal sum) => sum * (1 - percent / 100); }
public class ThirdFree : IDiscount { public decimal Apply(Basket basket, decimal sum) => sum - basket.Lines.Where(l => l.Count >= 3).Sum(l => l.Price); }
public interface IPayment { bool Pay(decimal amount); }
public class CardPayment : IPayment
{
    private readonly TerminalSdk terminal;
    public CardPayment(TerminalSdk terminal) => this.terminal = terminal;
    public bool Pay(decimal amount) => terminal.Authorise((int)(amount * 100), "EUR") == 0;
}
public class CashPayment : IPayment { private decimal drawer; public bool Pay(decimal amount) { drawer += amount; return true; } }
public class TerminalSdk { private int calls; public int Authorise(int cents, string currency) { calls++; return cents > 100000 ? 1 : 0; } }
public class Checkout
{
    private readonly IDiscount discount; private readonly IPayment payment; private readonly Receipts receipts;
    public Checkout(IDiscount discount, IPayment payment, Receipts receipts) { this.discount = discount; this.payment = payment; this.receipts = receipts; }
    public string? Complete(Basket basket)
    {
        var due = discount.Apply(basket, basket.Sum());
        if (!payment.Pay(due)) return null;
        return receipts.Print(basket, due);
    }
}
public class Receipts { private int number; public string Print(Basket basket, decimal due) => $"#{++number} {basket.Lines.Count} {due:0.00}"; }
public static class Program
{
    public static void Main(string[] args)
    {
        IDiscount discount = args.Length == 0 ? new NoDiscount() : args[0] == "third" ? new ThirdFree() : new PercentDiscount(5);
        var checkout = new Checkout(discount, args.Length > 1 ? new CashPayment() : new CardPayment(new TerminalSdk()), new Receipts());
        var basket = new Basket();
        basket.Add("rope", 3, 4.5m);
        Console.WriteLine(checkout.Complete(basket));
    }
}
