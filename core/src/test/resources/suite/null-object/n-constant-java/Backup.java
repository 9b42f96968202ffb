package backup;

import java.util.List;

public class Backup {
    private final Progress progress;

    public Backup() {
        this(Progress.NONE);
    }

    public Backup(Progress progress) {
        this.progress = progress;
    }

    public void run(List<String> files) {
        progress.begin(files.size());
        for (String file : files) {
            copy(file);
            progress.done(file);
        }
    }

    private void copy(String file) {
        file.length();
    }
}
