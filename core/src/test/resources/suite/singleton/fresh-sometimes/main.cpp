#include "log.hpp"

int main() {
    Log::get().write("in");
    Log* second = Log::fresh();
    second->write("out");
    delete second;
}
