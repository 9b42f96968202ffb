#include "tree.hpp"
#include <iostream>

int main() {
    Tree<int> tree;
    for (int n : {5, 2, 8, 1}) tree.insert(n);
    for (int value : tree) std::cout << value << ' ';
}
