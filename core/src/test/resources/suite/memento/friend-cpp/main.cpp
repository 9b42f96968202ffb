#include "plotter.h"

int main() {
    Plotter plotter;
    Undo undo(plotter);
    undo.remember();
    plotter.mark("wreck");
    plotter.zoom(2);
    undo.undo();
}
