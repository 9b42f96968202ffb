using System.Collections.Generic;

namespace Aldera.Chandlery
{
    public sealed class RopeKind
    {
        public RopeKind(string fibre, int strands)
        {
            Fibre = fibre;
            Strands = strands;
        }

        public string Fibre { get; }
        public int Strands { get; }

        public double Load(double diameter) => diameter * diameter * Strands * (Fibre == "hemp" ? 0.9 : 1.6);
    }

    public class RopeKinds
    {
        private readonly Dictionary<string, RopeKind> _kinds = new Dictionary<string, RopeKind>();

        public RopeKind Of(string fibre, int strands)
        {
            if (!_kinds.TryGetValue(fibre, out var kind))
            {
                kind = new RopeKind(fibre, strands);
                _kinds[fibre] = kind;
            }
            return kind;
        }
    }

    public class Rigging
    {
        private readonly RopeKinds _kinds;
        private readonly List<(RopeKind Kind, double Diameter)> _lines = new();

        public Rigging(RopeKinds kinds) => _kinds = kinds;

        public void Reeve(string fibre, int strands, double diameter) =>
            _lines.Add((_kinds.Of(fibre, strands), diameter));

        public double Total()
        {
            var sum = 0.0;
            foreach (var line in _lines) sum += line.Kind.Load(line.Diameter);
            return sum;
        }
    }
}
