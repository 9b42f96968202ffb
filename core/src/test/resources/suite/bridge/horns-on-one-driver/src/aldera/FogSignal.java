package aldera;

public abstract class FogSignal {
    protected final SoundDriver driver;

    protected FogSignal(SoundDriver driver) {
        this.driver = driver;
    }

    public void warn() {
        driver.press();
        driver.release();
    }
}
