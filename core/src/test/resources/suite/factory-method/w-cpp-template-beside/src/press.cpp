#include "press.h"

std::string PressTemplate::run(int copies) {
    std::string log;
    for (int i = 0; i < copies; ++i) {
        auto sheet = feed();
        log += sheet->fold() + ";";
    }
    return log;
}

void BindingFactory::bind() {
    stitch();
    cover();
}
