package aldera;

public class LongSignal extends FogSignal {
    public LongSignal(SoundDriver driver) {
        super(driver);
    }

    @Override
    public void warn() {
        for (int i = 0; i < 4; i++) {
            driver.press();
        }
        driver.release();
    }
}
