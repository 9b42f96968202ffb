namespace Bank;

public sealed class Account
{
    private readonly List<IEvent> _pending = [];

    private Account() { }

    public string Owner { get; private set; } = "";
    public decimal Balance { get; private set; }
    public IReadOnlyList<IEvent> Pending => _pending;

    public static Account Open(string owner)
    {
        var account = new Account();
        account.Raise(new Opened(owner, DateTimeOffset.UtcNow));
        return account;
    }

    public static Account Replay(IEnumerable<IEvent> history)
    {
        var account = new Account();
        foreach (var one in history) account.Apply(one);
        return account;
    }

    public void Deposit(decimal amount)
    {
        if (amount <= 0) throw new ArgumentOutOfRangeException(nameof(amount));
        Raise(new Deposited(amount, DateTimeOffset.UtcNow));
    }

    public void Withdraw(decimal amount)
    {
        if (amount > Balance) throw new InvalidOperationException("not enough");
        Raise(new Withdrawn(amount, DateTimeOffset.UtcNow));
    }

    private void Raise(IEvent what)
    {
        Apply(what);
        _pending.Add(what);
    }

    private void Apply(IEvent what)
    {
        switch (what)
        {
            case Opened opened: Owner = opened.Owner; break;
            case Deposited deposited: Balance += deposited.Amount; break;
            case Withdrawn withdrawn: Balance -= withdrawn.Amount; break;
        }
    }
}
