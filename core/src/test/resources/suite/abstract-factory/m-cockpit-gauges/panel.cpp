#include "gauges.hpp"

namespace cockpit {

class Panel {
public:
    explicit Panel(const PanelKit& kit) : speed_(kit.dial()), warning_(kit.lamp()) {}

    std::string update(double knots) {
        warning_->light(knots > 250);
        return speed_->show(knots);
    }

private:
    std::unique_ptr<Dial> speed_;
    std::unique_ptr<Lamp> warning_;
};

}  // namespace cockpit
