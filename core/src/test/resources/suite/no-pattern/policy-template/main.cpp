#include "queue.hpp"

int main() {
    WaitingLine<FirstCome> calm;
    calm.add({"Rosa", 300, 2});
    WaitingLine<Heaviest> busy{Heaviest{}};
    busy.add({"Marta", 900, 1});
    std::cout << calm.next().name << busy.next().name;
}
