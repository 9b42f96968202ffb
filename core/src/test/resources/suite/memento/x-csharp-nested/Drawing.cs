using System;
using System.Collections.Generic;
using System.Linq;

namespace Sketches
{
    public interface IMoment { DateTime Taken { get; } }

    public class Drawing
    {
        private List<string> _lines = new List<string>();
        private string _colour = "black";

        public void Line(string line) => _lines.Add($"{_colour}:{line}");
        public void Use(string colour) => _colour = colour;

        public IMoment Keep() => new Moment(_lines.ToList(), _colour);

        public void GoBack(IMoment moment)
        {
            if (moment is not Moment kept) throw new ArgumentException("not one of mine", nameof(moment));
            _lines = kept.Lines.ToList();
            _colour = kept.Colour;
        }

        private sealed class Moment : IMoment
        {
            public IReadOnlyList<string> Lines { get; }
            public string Colour { get; }
            public DateTime Taken { get; } = DateTime.Now;

            public Moment(IReadOnlyList<string> lines, string colour)
            {
                Lines = lines;
                Colour = colour;
            }
        }
    }

    public class Album
    {
        private readonly Stack<IMoment> _moments = new Stack<IMoment>();
        private readonly Drawing _drawing;

        public Album(Drawing drawing) => _drawing = drawing;

        public void Mark() => _moments.Push(_drawing.Keep());

        public void Undo()
        {
            if (_moments.Count > 0) _drawing.GoBack(_moments.Pop());
        }

        public void List()
        {
            foreach (var moment in _moments) Console.WriteLine(moment.Taken);
        }
    }
}
