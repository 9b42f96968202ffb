#include "sheet.hpp"

class Cutter {
public:
    void pattern(const Figure& figure) { patterns_.push_back(figure.clone()); }
    int cut(std::size_t at) { return patterns_.at(at)->clone()->area(); }
private:
    std::vector<std::unique_ptr<Figure>> patterns_;
};
