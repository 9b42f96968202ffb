namespace Aldera;

public class CargoExport
{
    public bool Zip { get; set; }
    public bool Encrypt { get; set; }
    public bool Sign { get; set; }

    public string Write(string rows)
    {
        var data = rows;
        if (Zip)
        {
            data = "zip(" + data + ")";
        }
        if (Encrypt)
        {
            data = "enc(" + data + ")";
        }
        if (Sign)
        {
            data += ";signed";
        }
        return data;
    }
}

public static class Program
{
    public static void Main() => System.Console.WriteLine(new CargoExport { Zip = true }.Write("a"));
}
