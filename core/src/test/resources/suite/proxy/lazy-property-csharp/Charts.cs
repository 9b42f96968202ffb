using System;
using System.IO;

namespace Charts
{
    public interface IChart
    {
        int Depth(int x, int y);
    }

    public class DiskChart : IChart
    {
        private readonly byte[] _data;
        public DiskChart(string path) => _data = File.ReadAllBytes(path);
        public int Depth(int x, int y) => _data[y * 100 + x];
    }

    public class ChartOnDemand : IChart
    {
        private readonly string _path;
        private DiskChart? _chart;

        public ChartOnDemand(string path) => _path = path;

        private DiskChart Chart => _chart ??= new DiskChart(_path);

        public int Depth(int x, int y) => Chart.Depth(x, y);
    }

    public class Bridge
    {
        private readonly IChart _chart;
        public Bridge(IChart chart) => _chart = chart;
        public bool Safe(int x, int y) => _chart.Depth(x, y) > 5;
    }

    public static class Program
    {
        public static Bridge Start() => new Bridge(new ChartOnDemand("n.chart"));
    }
}
