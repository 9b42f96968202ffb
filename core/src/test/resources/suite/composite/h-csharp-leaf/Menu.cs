using System;
using System.Collections.Generic;
using System.Linq;

namespace Aldera.Galley
{
    public abstract class MenuPart
    {
        public abstract decimal Price { get; }
        public abstract void Print(int indent);
        public virtual void Add(MenuPart part) => throw new NotSupportedException();
    }

    public class Dish : MenuPart
    {
        private readonly string name;
        private readonly decimal price;
        public Dish(string name, decimal price) { this.name = name; this.price = price; }
        public override decimal Price => price;
        public override void Print(int indent) => Console.WriteLine(new string(' ', indent) + name);
    }

    public class Course : MenuPart
    {
        private readonly List<MenuPart> parts = new List<MenuPart>();
        public override decimal Price => parts.Sum(p => p.Price);
        public override void Add(MenuPart part) => parts.Add(part);
        public override void Print(int indent)
        {
            foreach (var part in parts)
            {
                if (part is Course) continue;
                part.Print(indent + 2);
            }
        }
    }

    public class Cook
    {
        public void Show(MenuPart menu) => menu.Print(0);
    }
}
