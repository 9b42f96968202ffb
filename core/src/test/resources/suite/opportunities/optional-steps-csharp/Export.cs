using System.Collections.Generic;
using System.IO;
using System.Linq;

public class Export
{
    public bool Sorted { get; set; }
    public bool Numbered { get; set; }
    public bool Upper { get; set; }

    public void Write(TextWriter to, IEnumerable<string> rows)
    {
        var all = Sorted ? rows.OrderBy(row => row).ToList() : rows.ToList();
        for (var i = 0; i < all.Count; i++)
        {
            var line = all[i];
            if (Upper)
            {
                line = line.ToUpperInvariant();
            }
            if (Numbered)
            {
                line = $"{i + 1} {line}";
            }
            to.WriteLine(line);
        }
    }
}

public static class Program
{
    public static void Main() => new Export { Sorted = true, Numbered = true }.Write(System.Console.Out, new[] { "b", "a" });
}
