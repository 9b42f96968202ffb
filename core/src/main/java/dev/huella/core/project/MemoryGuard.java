package dev.huella.core.project;

import dev.huella.core.source.SourceException;
import dev.huella.core.source.Work;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.lang.management.MemoryUsage;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;

/** Ends work that does not fit into the memory of the process, before clearing it up takes all the time there is. */
final class MemoryGuard implements Work {
    /** What may be left in use after the memory for long-lived objects was cleared up, as a share of all of it. */
    private static final double FULL = 0.88;
    private static final long EVERY_NANOS = 200_000_000;
    /** How many times what a clearing took is waited until the next, so that it never takes most of the time. */
    private static final int REST = 8;
    private final Work inner;
    private final DoubleSupplier use;
    private final Runnable clearing;
    private final AtomicLong next = new AtomicLong(System.nanoTime());
    private volatile boolean full;
    private volatile Progress last = new Progress(Stage.LISTING, 0, 1);

    /** How far the work was. */
    private record Progress(Stage stage, long done, long known) {
        String words() {
            return switch (stage) {
                case LISTING -> "while the files were listed";
                case READING -> "after %,d of %,d files were read".formatted(done, known);
                case RESOLVING -> "after %,d of %,d files were resolved".formatted(done, known);
                case MATCHING -> "after %,d of %,d definitions".formatted(done, known);
            };
        }
    }

    MemoryGuard(Work inner) {
        this(inner, sinceNow(MemoryGuard::afterClearing), System::gc);
    }

    /**
     * {@code use}: the share of the memory that was in use when it was last cleared up, from 0 to 1; {@code clearing}: clears up
     * all of it.
     */
    MemoryGuard(Work inner, DoubleSupplier use, Runnable clearing) {
        this.inner = inner;
        this.use = use;
        this.clearing = clearing;
    }

    @Override
    public void progress(Stage stage, long done, long known) {
        if (!full) {
            last = new Progress(stage, done, known);
        }
        inner.progress(stage, done, known);
    }

    @Override
    public void read(String path, int types) {
        inner.read(path, types);
    }

    @Override
    public boolean stopped() {
        long now = System.nanoTime();
        long due = next.get();
        if (!full && now >= due && next.compareAndSet(due, now + EVERY_NANOS)) {
            full = use.getAsDouble() > FULL && fullOnceCleared();
        }
        return full || inner.stopped();
    }

    /** Collectors that clear up piece by piece leave some for later: only what outlives a whole clearing does not fit. */
    private boolean fullOnceCleared() {
        long begun = System.nanoTime();
        clearing.run();
        long ended = System.nanoTime();
        next.set(ended + Math.max(EVERY_NANOS, REST * (ended - begun)));
        return use.getAsDouble() > FULL;
    }

    /** Fails when the work was ended for want of memory. */
    void check() throws SourceException {
        if (full) {
            throw SourceException.tooLarge(last.words());
        }
    }

    boolean full() {
        return full;
    }

    /** What happened and what helps. */
    String sentence() {
        return SourceException.tooLarge(last.words()).getMessage();
    }

    /**
     * The share in use once the memory is cleared up again: what was found before may have been let go of since, by work that
     * did not fit either.
     */
    static DoubleSupplier sinceNow(Supplier<MemoryUsage> afterClearing) {
        MemoryUsage before = afterClearing.get();
        return () -> {
            MemoryUsage now = afterClearing.get();
            boolean known = now != null && now.getMax() > 0 && (before == null || now.getUsed() != before.getUsed());
            return known ? (double) now.getUsed() / now.getMax() : 0;
        };
    }

    /** Of the pool for long-lived objects, after it was last cleared up; null when there is no such pool. */
    private static MemoryUsage afterClearing() {
        for (MemoryPoolMXBean pool : ManagementFactory.getMemoryPoolMXBeans()) {
            boolean old = pool.getName().contains("Old") || pool.getName().contains("Tenured");
            if (pool.getType() == MemoryType.HEAP && old && pool.getCollectionUsage() != null) {
                return pool.getCollectionUsage();
            }
        }
        return null;
    }
}
