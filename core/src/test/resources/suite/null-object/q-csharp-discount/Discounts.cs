using System;

namespace Till
{
    public interface IDiscount
    {
        decimal Off(decimal price);
        string Label { get; }
    }

    public class Percent : IDiscount
    {
        private readonly decimal _percent;
        public Percent(decimal percent) => _percent = percent;
        public decimal Off(decimal price) => price * _percent / 100;
        public string Label => $"{_percent}%";
    }

    public sealed class NoDiscount : IDiscount
    {
        public static readonly NoDiscount Instance = new NoDiscount();
        private NoDiscount() { }
        public decimal Off(decimal price) => 0m;
        public string Label => string.Empty;
    }

    public class Bill
    {
        private readonly IDiscount _discount;
        public Bill(IDiscount? discount = null) => _discount = discount ?? NoDiscount.Instance;

        public decimal Total(decimal price) => price - _discount.Off(price);
        public override string ToString() => $"bill {_discount.Label}";
    }

    public static class Program
    {
        public static void Main()
        {
            Console.WriteLine(new Bill().Total(10));
            Console.WriteLine(new Bill(new Percent(5)).Total(10));
        }
    }
}
