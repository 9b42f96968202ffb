#include "tasks.h"

int main() {
    TaskGroup day;
    day.add(std::make_unique<SingleTask>("paint hull", 240));
    auto evening = std::make_unique<TaskGroup>();
    evening->add(std::make_unique<SingleTask>("clean", 30));
    day.add(std::move(evening));
    day.print(0);
    return day.minutes() > 0 ? 0 : 1;
}
