using Travel;

var desk = new TravelDesk();
if (!desk.Book("LX 14", "4000", "ada@example.org", 2))
{
    Console.WriteLine("sorry");
}

class Kiosk
{
    private readonly TravelDesk desk = new();

    public void Press(string flight) => desk.Book(flight, "kiosk", "kiosk@example.org", 1);
}
