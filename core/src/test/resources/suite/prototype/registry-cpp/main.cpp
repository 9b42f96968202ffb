#include "shapes.hpp"
int main() { MarkBook book; book.keep("north", std::make_unique<Cone>(3)); book.keep("safe", std::make_unique<Ball>(2, "red")); return book.make("north")->draw().size(); }
