namespace Travel;

public class Kiosk
{
    private readonly BookingDesk _desk;
    public Kiosk(BookingDesk desk) => _desk = desk;
    public string Press(string seat) => _desk.Book(seat) ?? "taken";
}

public class PhoneLine
{
    public string Call(BookingDesk desk) => desk.Book("12A") ?? "try again";
}
