#include "cargo.hpp"
#include <string>

class CargoOffice {
public:
    std::string warning(const Cargo* cargo) const {
        if (auto ore = dynamic_cast<const Ore*>(cargo)) {
            return "dust " + std::to_string(ore->dust);
        }
        if (auto oil = dynamic_cast<const Oil*>(cargo)) {
            return "flash point " + std::to_string(oil->flash);
        }
        return "";
    }
    int fee(const Cargo& cargo) const {
        if (dynamic_cast<const Oil*>(&cargo) != nullptr) {
            return 900;
        } else if (dynamic_cast<const Grain*>(&cargo) != nullptr) {
            return 200;
        }
        return 100;
    }
};
