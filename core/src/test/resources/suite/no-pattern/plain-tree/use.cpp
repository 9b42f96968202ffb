#include "index.hpp"
int main() { Index index; index.add("Gaviota", 4); return index.find("Gaviota"); }
