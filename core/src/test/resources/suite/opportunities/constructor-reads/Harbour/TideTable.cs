using System.Collections.Generic;
using System.IO;

namespace Harbour
{
    public class TideTable
    {
        private readonly Dictionary<string, double> heights = new();

        public TideTable(string path)
        {
            foreach (var line in File.ReadAllLines(path))
            {
                var parts = line.Split(';');
                heights[parts[0]] = double.Parse(parts[1]);
            }
        }

        public double HeightAt(string hour) => heights[hour];
    }

    public class Draught
    {
        private readonly double loaded;

        public Draught(double light, double cargo)
        {
            loaded = light + cargo / 40;
        }

        public bool Passes(TideTable table, string hour) => table.HeightAt(hour) > loaded;
    }
}
