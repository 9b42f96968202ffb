namespace Travel;

public class SeatMap
{
    private readonly Dictionary<string, int> free = new();

    public bool Hold(string flight, int seats)
    {
        if (free.GetValueOrDefault(flight) < seats) return false;
        free[flight] -= seats;
        return true;
    }

    public void Release(string flight, int seats) => free[flight] += seats;
}

public class Ledger
{
    private decimal balance;

    public bool Charge(string card, decimal amount)
    {
        if (amount > 5000) return false;
        balance += amount;
        return true;
    }
}

public class Mailer
{
    public void Send(string to, string text) => Console.WriteLine($"{to}: {text}");
}
