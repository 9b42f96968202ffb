using System.Collections.Generic;

namespace Parts
{
    public interface IPartVisitor
    {
        void VisitHull(Hull hull);
        void VisitMast(Mast mast);
    }

    public abstract class Part
    {
        public abstract void Accept(IPartVisitor visitor);
    }

    public class Hull : Part
    {
        public int Length { get; } = 20;
        public override void Accept(IPartVisitor visitor) => visitor.VisitHull(this);
    }

    public class Mast : Part
    {
        public int Height { get; } = 9;
        public override void Accept(IPartVisitor visitor) => visitor.VisitMast(this);
    }

    public class Ship
    {
        private readonly List<Part> _parts = new() { new Hull(), new Mast() };

        public void Show(IPartVisitor visitor)
        {
            foreach (var part in _parts)
                Let(part, visitor);
        }

        private static void Let(Part part, IPartVisitor visitor) => part.Accept(visitor);
    }

    public class Price : IPartVisitor
    {
        public int Sum { get; private set; }
        public void VisitHull(Hull hull) => Sum += hull.Length * 100;
        public void VisitMast(Mast mast) => Sum += mast.Height * 30;
    }

    public class Names : IPartVisitor
    {
        public List<string> All { get; } = new();
        public void VisitHull(Hull hull) => All.Add("hull");
        public void VisitMast(Mast mast) => All.Add("mast");
    }
}
