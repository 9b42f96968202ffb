using System.Collections.Generic;

namespace Aldera.Customs
{
    public interface IInspector
    {
        Channel Choose(Declaration declaration);
    }

    public abstract class Inspector : IInspector
    {
        public Channel Choose(Declaration declaration) => Risk(declaration) > 10m ? Channel.Red : Channel.Green;

        protected abstract decimal Risk(Declaration declaration);
    }

    public class ValueInspector : Inspector
    {
        protected override decimal Risk(Declaration declaration) => declaration.Total() / 1000m;
    }

    public static class DutyTable
    {
        public static IDuty For(string goods) => goods switch
        {
            "fish" => new FreeDuty(),
            "steel" or "tin" => new FlatDuty(0.04m),
            _ => throw new KeyNotFoundException(goods),
        };

        public static decimal Rounded(this Declaration declaration) => decimal.Round(declaration.Total());
    }

    public class Office
    {
        private static Office? instance;
        private readonly IInspector inspector = new ValueInspector();

        private Office() { }

        public static Office Instance => instance ??= new Office();

        public decimal Handle(Declaration declaration)
        {
            declaration.Cleared += OnCleared;
            declaration.Clear(inspector);
            return declaration.Rounded();
        }

        private void OnCleared(object sender, ClearedArgs args) { }
    }
}
