#include "ui.hpp"

class Cabin {
public:
    explicit Cabin(const Panel& panel) : knob_(panel.knob()), dial_(panel.dial()) {}
    std::string warmer() { return dial_->show(knob_->turn(1)); }
private:
    std::unique_ptr<Knob> knob_;
    std::unique_ptr<Dial> dial_;
};
