using System.Collections.Generic;

namespace Aldera.Pilotage;

public class PilotageService
{
    private readonly Roster roster = new Roster();
    private readonly Boats boats = new Boats();
    private readonly Billing billing;

    public PilotageService() => billing = new Billing(this);

    public string Order(string ship)
    {
        var pilot = roster.Next();
        var boat = boats.Free();
        billing.Charge(ship, 400);
        return $"{pilot} on {boat}";
    }

    public void Done(string pilot) => roster.Back(pilot);
}

public class Roster
{
    private readonly Queue<string> pilots = new Queue<string>();
    public string Next() => pilots.Dequeue();
    public void Back(string pilot) => pilots.Enqueue(pilot);
}

public class Boats
{
    private int number;
    public int Free() => ++number % 3;
}

public class Billing
{
    private readonly PilotageService service;
    private decimal total;
    public Billing(PilotageService service) => this.service = service;
    public void Charge(string ship, decimal amount) { total += amount; if (total > 10000) service.Done("all"); }
}
