using System.Collections.Generic;

namespace Aldera.Quay
{
    public interface ILampRow
    {
        void Light(int position);
        void Clear();
    }

    public sealed class BulbRow : ILampRow
    {
        private readonly HashSet<int> _lit = new HashSet<int>();
        public void Light(int position) => _lit.Add(position);
        public void Clear() => _lit.Clear();
    }

    public sealed class DiodeRow : ILampRow
    {
        private readonly bool[] _cells = new bool[64];
        public void Light(int position) => _cells[position] = true;
        public void Clear()
        {
            for (var i = 0; i < _cells.Length; i++) _cells[i] = false;
        }
    }

    public abstract class Board
    {
        private readonly ILampRow _row = new BulbRow();

        public void Show(string word)
        {
            _row.Clear();
            foreach (var c in Shape(word)) _row.Light(c % 64);
        }

        protected virtual string Shape(string word) => word;
    }

    public class TideBoard : Board
    {
        protected override string Shape(string word) => word + "m";
    }

    public class BerthBoard : Board
    {
        protected override string Shape(string word) => word.ToUpperInvariant();
    }

    public static class Quayside
    {
        public static void Main()
        {
            new TideBoard().Show("4.1");
            new BerthBoard().Show("north");
            ILampRow spare = new DiodeRow();
            spare.Clear();
        }
    }
}
