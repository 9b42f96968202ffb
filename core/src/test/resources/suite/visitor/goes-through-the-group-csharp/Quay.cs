using System.Collections.Generic;

namespace Harbour
{
    public interface IVisitor
    {
        void Visit(Berth berth);
        void Visit(Quay quay);
    }

    public abstract class Spot
    {
        public abstract void Accept(IVisitor visitor);
    }

    public class Berth : Spot
    {
        public int Metres { get; set; }
        public override void Accept(IVisitor visitor) => visitor.Visit(this);
    }

    public class Quay : Spot
    {
        private readonly List<Spot> spots = new List<Spot>();
        public void Add(Spot spot) => spots.Add(spot);
        public List<Spot>.Enumerator GetEnumerator() => spots.GetEnumerator();
        public override void Accept(IVisitor visitor) => visitor.Visit(this);
    }

    public class Length : IVisitor
    {
        public int Sum { get; private set; }
        public void Visit(Berth berth) => Sum += berth.Metres;
        public void Visit(Quay quay)
        {
            foreach (var spot in quay)
            {
                spot.Accept(this);
            }
        }
    }

    public static class Program
    {
        public static void Main()
        {
            var quay = new Quay();
            quay.Add(new Berth { Metres = 40 });
            var length = new Length();
            quay.Accept(length);
            System.Console.WriteLine(length.Sum);
        }
    }
}
