using System.Collections.Generic;
using System.Linq;

namespace Port;

public record Ship(string Name, int Tonnes);

public interface IShipRepository
{
    Ship? Find(string name);
    void Save(Ship ship);
    IReadOnlyList<Ship> All();
}

public class MemoryShipRepository : IShipRepository
{
    private readonly Dictionary<string, Ship> ships = new();

    public Ship? Find(string name) => ships.TryGetValue(name, out var ship) ? ship : null;

    public void Save(Ship ship) => ships[ship.Name] = ship;

    public IReadOnlyList<Ship> All() => ships.Values.ToList();
}

public class TollService
{
    private readonly IShipRepository ships;

    public TollService(IShipRepository ships) => this.ships = ships;

    public int Due(string name)
    {
        var ship = ships.Find(name);
        return ship is null ? 0 : ship.Tonnes * 14;
    }
}

public class TollController
{
    private readonly TollService tolls;

    public TollController(TollService tolls) => this.tolls = tolls;

    public string Get(string name) => $"{tolls.Due(name)} cents";
}

public static class Program
{
    public static void Main()
    {
        var ships = new MemoryShipRepository();
        ships.Save(new Ship("Oria", 900));
        System.Console.WriteLine(new TollController(new TollService(ships)).Get("Oria"));
    }
}
