using System.Collections.Generic;
namespace Aldera.Logs
{
    public interface IEntryStore { void Save(string entry); IEnumerable<string> All(); }
    public class MemoryEntryStore : IEntryStore
    {
        private readonly List<string> entries = new();
        public void Save(string entry) => entries.Add(entry);
        public IEnumerable<string> All() => entries;
    }
    public class FileEntryStore : IEntryStore
    {
        private readonly string path;
        public FileEntryStore(string path) { this.path = path; }
        public void Save(string entry) { System.IO.File.AppendAllText(path, entry); }
        public IEnumerable<string> All() => System.IO.File.ReadAllLines(path);
    }
}
