namespace Aldera.Ledgers
{
    public static class Ledger
    {
        public static string Line(string name, int amount) => name + ": " + amount;
    }

    public sealed class Ledger<TEntry>
    {
        private static readonly Ledger<TEntry> Only = new Ledger<TEntry>();
        private readonly System.Collections.Generic.List<TEntry> entries = new();

        private Ledger() { }

        public static Ledger<TEntry> Current => Only;

        public void Enter(TEntry entry) => entries.Add(entry);
    }
}
