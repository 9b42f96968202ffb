using System;
using System.IO;

namespace Aldera.Imaging
{
    public interface IImage
    {
        int Width { get; }
        int Height { get; }
        void Draw(int x, int y);
    }

    public class FileImage : IImage
    {
        private readonly byte[] data;
        public FileImage(string path) => data = File.ReadAllBytes(path);
        public int Width => data[0];
        public int Height => data[1];
        public void Draw(int x, int y) => Console.WriteLine($"{data.Length} at {x},{y}");
    }

    public class LazyImage : IImage
    {
        private readonly Lazy<FileImage> image;
        public LazyImage(string path) => image = new Lazy<FileImage>(() => new FileImage(path));
        public int Width => image.Value.Width;
        public int Height => image.Value.Height;
        public void Draw(int x, int y) => image.Value.Draw(x, y);
    }

    public class Page
    {
        private readonly IImage[] images;
        public Page(params IImage[] images) => this.images = images;
        public void Show()
        {
            var y = 0;
            foreach (var image in images)
            {
                image.Draw(0, y);
                y += image.Height;
            }
        }
    }

    public static class Program
    {
        public static void Main() => new Page(new LazyImage("a.png"), new LazyImage("b.png")).Show();
    }
}
