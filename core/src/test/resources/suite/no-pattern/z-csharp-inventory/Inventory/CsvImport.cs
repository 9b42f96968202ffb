using System.Globalization;
using System.IO;
using System;

namespace Inventory;

public class CsvImport
{
    private readonly Stock _stock;
    public int Skipped { get; private set; }

    public CsvImport(Stock stock) => _stock = stock;

    public void Read(TextReader reader)
    {
        string? line;
        while ((line = reader.ReadLine()) != null)
        {
            var cells = line.Split(';');
            if (cells.Length != 4 || !Enum.TryParse<Unit>(cells[2], true, out var unit))
            {
                Skipped++;
                continue;
            }
            _stock.Register(new Item(cells[0], cells[1], unit), decimal.Parse(cells[3], CultureInfo.InvariantCulture));
        }
    }
}

public static class Program
{
    public static void Main()
    {
        var stock = new Stock();
        new CsvImport(stock).Read(new StringReader("A1;rope;Piece;5\nbad"));
        stock.Put("A1", 3);
        Console.WriteLine(string.Join(", ", stock.Low()));
    }
}
