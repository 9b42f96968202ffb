namespace Aldera.Ledgers
{
    public class Till
    {
        public void Take(string name, int amount)
        {
            Ledger<string>.Current.Enter(Ledger.Line(name, amount));
        }
    }
}
