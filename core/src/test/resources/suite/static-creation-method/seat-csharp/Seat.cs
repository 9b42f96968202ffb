using System;

namespace Stadium;

public sealed class Seat
{
    private readonly int _row;
    private readonly int _number;

    private Seat(int row, int number)
    {
        _row = row;
        _number = number;
    }

    public static Seat Parse(string text)
    {
        var parts = text.Split('-');
        return new Seat(int.Parse(parts[0]), int.Parse(parts[1]));
    }

    public static Seat InRow(int row) => new Seat(row, 1);

    public string Label() => $"{_row}-{_number}";
}

public sealed class Steward
{
    public string Show(string ticket) => Seat.Parse(ticket).Label();
    public string Spare() => Seat.InRow(40).Label();
}
