using System.Collections;
using System.Collections.Generic;

namespace Photos;

public sealed record Photo(string Title, int Stars);

public sealed class Album : IEnumerable<Photo>
{
    private readonly Photo[] _photos = new Photo[100];
    private int _count;

    public void Add(Photo photo) => _photos[_count++] = photo;

    public IEnumerator<Photo> GetEnumerator() => new AlbumEnumerator(_photos, _count);

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();

    private sealed class AlbumEnumerator : IEnumerator<Photo>
    {
        private readonly Photo[] _all;
        private readonly int _end;
        private int _at = -1;

        public AlbumEnumerator(Photo[] all, int end)
        {
            _all = all;
            _end = end;
        }

        public Photo Current => _all[_at];
        object IEnumerator.Current => Current;
        public bool MoveNext() => ++_at < _end;
        public void Reset() => _at = -1;
        public void Dispose() { }
    }
}

public sealed class SlideShow
{
    public int Stars(Album album)
    {
        var sum = 0;
        foreach (var photo in album) sum += photo.Stars;
        return sum;
    }
}
