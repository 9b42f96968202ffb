#include "plan.hpp"

int main() {
    WinterPlanBuilder builder;
    Stevedore stevedore;
    stevedore.plan(builder);
    auto plan = builder.result();
    return plan ? 0 : 1;
}
