namespace Travel;

public class TravelDesk
{
    private readonly SeatMap seats = new();
    private readonly Ledger ledger = new();
    private readonly Mailer mailer = new();

    public bool Book(string flight, string card, string mail, int travellers)
    {
        if (!seats.Hold(flight, travellers)) return false;
        if (!ledger.Charge(card, travellers * 120m))
        {
            seats.Release(flight, travellers);
            return false;
        }
        mailer.Send(mail, "See you on " + flight);
        return true;
    }
}
