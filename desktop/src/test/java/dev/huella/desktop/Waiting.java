package dev.huella.desktop;

import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.testfx.util.WaitForAsyncUtils;

/** Waits for what the window does in its own time. */
final class Waiting {
    private static final int SECONDS = 120;

    private Waiting() {}

    /** Asks on the interface thread, which is the only one that may look at what it is changing. */
    static void until(BooleanSupplier condition) throws Exception {
        WaitForAsyncUtils.waitFor(SECONDS, TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(condition::getAsBoolean).get(SECONDS, TimeUnit.SECONDS));
        WaitForAsyncUtils.waitForFxEvents();
    }
}
