package theatre;

interface Cue {
    void go();

    void back();
}

class NoCue implements Cue {
    @Override
    public void go() {
    }

    @Override
    public void back() {
    }
}

class Lamp {
    private int level;

    void fade(int to) {
        level = to;
    }

    int level() {
        return level;
    }
}

class Curtain {
    private boolean open;

    void open() {
        open = true;
    }

    void close() {
        open = false;
    }
}

class FadeCue implements Cue {
    private final Lamp lamp;
    private final int to;
    private int before;

    FadeCue(Lamp lamp, int to) {
        this.lamp = lamp;
        this.to = to;
    }

    @Override
    public void go() {
        before = lamp.level();
        lamp.fade(to);
    }

    @Override
    public void back() {
        lamp.fade(before);
    }
}

class CurtainCue implements Cue {
    private final Curtain curtain;

    CurtainCue(Curtain curtain) {
        this.curtain = curtain;
    }

    @Override
    public void go() {
        curtain.open();
    }

    @Override
    public void back() {
        curtain.close();
    }
}

class Desk {
    private final Cue[] cues = new Cue[8];
    private Cue last;

    Desk() {
        Cue none = new NoCue();
        for (int i = 0; i < cues.length; i++) {
            cues[i] = none;
        }
        last = none;
    }

    void assign(int key, Cue cue) {
        cues[key] = cue;
    }

    void press(int key) {
        cues[key].go();
        last = cues[key];
    }

    void undo() {
        last.back();
    }
}

class Premiere {
    void evening() {
        Desk desk = new Desk();
        desk.assign(0, new CurtainCue(new Curtain()));
        desk.assign(1, new FadeCue(new Lamp(), 80));
        desk.press(0);
        desk.press(1);
        desk.undo();
    }
}
