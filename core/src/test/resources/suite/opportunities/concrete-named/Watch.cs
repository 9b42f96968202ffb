namespace Aldera.Logs
{
    public class WatchOfficer
    {
        private readonly FileEntryStore store;
        public WatchOfficer(FileEntryStore store) { this.store = store; }
        public void Note(string entry) { store.Save(entry); }
    }
    public class Archive
    {
        private readonly IEntryStore store;
        public Archive(IEntryStore store) { this.store = store; }
        public string Text() => string.Join("\n", store.All());
    }
}
