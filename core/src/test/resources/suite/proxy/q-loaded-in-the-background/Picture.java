package album;

interface Picture {
    int width();

    String paint();
}

class FilePicture implements Picture {
    private final String path;

    FilePicture(String path) {
        this.path = path;
    }

    @Override
    public int width() {
        return path.length() * 10;
    }

    @Override
    public String paint() {
        return "[" + path + "]";
    }
}

class LatePicture implements Picture {
    private final String path;
    private volatile FilePicture picture;
    private boolean loading;

    LatePicture(String path) {
        this.path = path;
    }

    @Override
    public int width() {
        return picture != null ? picture.width() : 600;
    }

    @Override
    public String paint() {
        if (picture != null) {
            return picture.paint();
        }
        if (!loading) {
            loading = true;
            new Thread(() -> picture = new FilePicture(path)).start();
        }
        return "loading ...";
    }
}

class Album {
    private final Picture cover;

    Album(Picture cover) {
        this.cover = cover;
    }

    String open() {
        return cover.width() > 100 ? cover.paint() : "";
    }

    static Album usual() {
        return new Album(new LatePicture("sea.png"));
    }
}
