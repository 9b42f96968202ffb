using System;
using System.Collections.Generic;

namespace Aldera.Tides
{
    public class TideChanged : EventArgs
    {
        public TideChanged(double level) => Level = level;
        public double Level { get; }
    }

    public class TideGauge
    {
        private double level;
        public event EventHandler<TideChanged>? Changed;

        public double Level
        {
            get => level;
            set
            {
                if (Math.Abs(level - value) < 0.01) return;
                level = value;
                Changed?.Invoke(this, new TideChanged(value));
            }
        }

        public void Calibrate(double offset)
        {
            level += offset;
        }
    }

    public class FloodSiren
    {
        private bool sounding;
        public void Watch(TideGauge gauge) => gauge.Changed += OnChanged;
        private void OnChanged(object? sender, TideChanged e) => sounding = e.Level > 4.5;
    }

    public class TideBoard
    {
        private readonly List<double> levels = new();
        public TideBoard(TideGauge gauge)
        {
            gauge.Changed += (_, change) => levels.Add(change.Level);
        }
    }
}
