#include "registry.hpp"

std::unique_ptr<Registry> Registry::instance_;
std::once_flag Registry::made_;

Registry& Registry::get() {
    std::call_once(made_, [] { instance_.reset(new Registry()); });
    return *instance_;
}
