namespace Bank;

public sealed class Totals : IDisposable
{
    private readonly Ledger _ledger;
    private decimal _in;

    public Totals(Ledger ledger)
    {
        _ledger = ledger;
        _ledger.Appended += OnAppended;
    }

    public decimal In => _in;

    private void OnAppended(Guid id, IEvent what)
    {
        if (what is Deposited deposited) _in += deposited.Amount;
    }

    public void Dispose() => _ledger.Appended -= OnAppended;
}
