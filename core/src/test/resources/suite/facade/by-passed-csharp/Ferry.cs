using System.Collections.Generic;

public class Seats
{
    private int free = 80;

    public bool Take(int count)
    {
        if (count > free)
        {
            return false;
        }
        free -= count;
        return true;
    }
}

public class Tickets
{
    private readonly List<string> sold = new();

    public string Print(string name)
    {
        sold.Add(name);
        return name + "#" + sold.Count;
    }
}

public class FerryDesk
{
    private readonly Seats seats;
    private readonly Tickets tickets;

    public FerryDesk(Seats seats, Tickets tickets)
    {
        this.seats = seats;
        this.tickets = tickets;
    }

    public string Book(string name) => seats.Take(1) ? tickets.Print(name) : "full";
}

public class Kiosk
{
    private readonly FerryDesk desk;
    private readonly Seats seats;

    public Kiosk(FerryDesk desk, Seats seats)
    {
        this.desk = desk;
        this.seats = seats;
    }

    public string Group(string name, int more)
    {
        seats.Take(more);
        return desk.Book(name);
    }
}

public class Machine
{
    private readonly FerryDesk desk;

    public Machine(FerryDesk desk) => this.desk = desk;

    public string Press() => desk.Book("guest");
}
