#include "meal.hpp"

std::size_t lunch() {
    return MealBuilder().main("fish").side("rice").side("peas").dessert().build().plates();
}
