package backup;

public interface Progress {
    Progress NONE = new Progress() {
        @Override
        public void begin(int files) {
        }

        @Override
        public void done(String file) {
        }
    };

    void begin(int files);

    void done(String file);
}
