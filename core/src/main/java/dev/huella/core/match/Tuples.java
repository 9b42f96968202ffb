package dev.huella.core.match;

import java.util.Arrays;

/** Rows of numbers of one length, each once, numbered from 0 in the order they came. Not for several threads. */
final class Tuples {
    private final int width;
    /** Numbers of tuples by where their hash puts them, one more than each; 0 where there is none. */
    private int[] slots = new int[16];
    private int[] cells;
    private int size;

    Tuples(int width) {
        this.width = width;
        this.cells = new int[8 * width];
    }

    int size() {
        return size;
    }

    /** The number of this tuple; -1 when it was not added yet. */
    int find(int[] tuple) {
        return slots[slot(tuple)] - 1;
    }

    /** False when this tuple was added before. */
    boolean add(int[] tuple) {
        int slot = slot(tuple);
        if (slots[slot] != 0) {
            return false;
        }
        slots[slot] = size + 1;
        if ((size + 1) * width > cells.length) {
            cells = Arrays.copyOf(cells, cells.length * 2);
        }
        System.arraycopy(tuple, 0, cells, size * width, width);
        size++;
        if (size * 2 > slots.length) {
            widen();
        }
        return true;
    }

    /** Where this tuple is, or would be added. */
    private int slot(int[] tuple) {
        int slot = start(tuple, slots.length);
        while (slots[slot] != 0 && !isAt(slots[slot] - 1, tuple)) {
            slot = slot + 1 & slots.length - 1;
        }
        return slot;
    }

    private boolean isAt(int number, int[] tuple) {
        for (int i = 0; i < width; i++) {
            if (cells[number * width + i] != tuple[i]) {
                return false;
            }
        }
        return true;
    }

    private void widen() {
        int[] wider = new int[slots.length * 2];
        int[] tuple = new int[width];
        for (int number = 0; number < size; number++) {
            System.arraycopy(cells, number * width, tuple, 0, width);
            int slot = start(tuple, wider.length);
            while (wider[slot] != 0) {
                slot = slot + 1 & wider.length - 1;
            }
            wider[slot] = number + 1;
        }
        slots = wider;
    }

    private int start(int[] tuple, int capacity) {
        long mixed = 0;
        for (int i = 0; i < width; i++) {
            mixed = (mixed + tuple[i]) * 0x9E3779B97F4A7C15L;
        }
        return (int) (mixed >>> 32) & capacity - 1;
    }
}
